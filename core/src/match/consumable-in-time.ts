import type { DishKind } from "../recipes/index.ts";

/** What a household can get through. Portions per person and day, by kind of dish. */
export type Household = {
  readonly people: number;
  readonly portionsPerPersonDay: Readonly<Record<DishKind, number>>;
  /** Portions the freezer has room for, in all. */
  readonly freezerPortions: number;
  /** Portions of one dish that can be given away in time. */
  readonly givePortions: number;
};

/** Portions of a kind that already stand in the larder. */
export type StoredPortions = {
  readonly kind: DishKind;
  readonly portions: number;
  readonly daysLeft: number;
  readonly frozen: boolean;
};

/** What becomes of a batch: portions eaten before its date, frozen, given. */
export type ConsumptionCapacity = {
  readonly eaten: number;
  readonly frozen: number;
  readonly given: number;
  readonly total: number;
};

/**
 * How many new portions of a dish can be eaten, frozen or given in time. Batches of the same kind already
 * standing are eaten too: they are pushed as late as their own dates allow, and what room is left before the
 * new dish's last day (`keepDays` after today, ≥ 0) is its own.
 */
export function consumableInTime(
  dish: { readonly kind: DishKind; readonly keepDays: number; readonly freezes: boolean },
  household: Household,
  waiting: readonly StoredPortions[],
): ConsumptionCapacity {
  const perDay = household.people * household.portionsPerPersonDay[dish.kind];
  const storedPortions = waiting.filter(
    (w) => w.kind === dish.kind && !w.frozen && w.daysLeft >= 0 && w.portions > 0,
  );
  const eaten = roomBefore(dish.keepDays, perDay, storedPortions);
  const frozenAlready = waiting.filter((w) => w.frozen).reduce((total, w) => total + w.portions, 0);
  const frozen = dish.freezes ? Math.max(0, household.freezerPortions - frozenAlready) : 0;
  const given = household.givePortions;
  return { eaten, frozen, given, total: eaten + frozen + given };
}

/** Appetite left on days 0…keepDays when everything standing is eaten as late as its date allows. */
function roomBefore(keepDays: number, perDay: number, storedPortions: readonly StoredPortions[]): number {
  const horizon = Math.max(keepDays, ...storedPortions.map((w) => w.daysLeft));
  const room = Array.from({ length: horizon + 1 }, () => perDay);
  const latestFirst = [...storedPortions].sort((a, b) => b.daysLeft - a.daysLeft);
  for (const batch of latestFirst) takeLate(room, batch);
  return room.slice(0, keepDays + 1).reduce((total, left) => total + left, 0);
}

function takeLate(room: number[], batch: StoredPortions): void {
  let left = batch.portions;
  for (let day = batch.daysLeft; day >= 0 && left > 0; day--) {
    const taken = Math.min(left, room[day] ?? 0);
    room[day] = (room[day] ?? 0) - taken;
    left -= taken;
  }
}
