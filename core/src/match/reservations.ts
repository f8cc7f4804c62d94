import { gramsTaken } from "../forms/index.ts";
import type { AcceptedDish } from "./accepted-plan.ts";

/** A lot as it lies now; one that was trimmed off another knows which. */
export type ReservableLot = {
  readonly lotId: string;
  readonly parentLotId: string | null;
  readonly part: string | null;
  readonly grams: number;
};

/** Grams of a lot, as they lie, that a dish of an accepted plan is to get. */
export type Reservation = {
  readonly dishId: string;
  readonly dish: string;
  readonly day: string;
  readonly recipeId: string;
  readonly lotId: string;
  readonly grams: number;
};

/** Usable grams that a dish counts on and that are not there any more. */
export type Shortage = { readonly dishId: string; readonly ingredient: string; readonly grams: number };

/** Less is what a scale does not show, grams. */
const unseenG = 0.5;

/**
 * What accepted dishes have reserved, the earliest day first. What was trimmed off a lot meanwhile stands for it; what was
 * taken for something else is short.
 */
export function reservationsOf(
  dishes: readonly AcceptedDish[],
  lots: readonly ReservableLot[],
): { readonly reservations: Reservation[]; readonly shortages: Shortage[] } {
  const free = new Map(lots.map((lot) => [lot.lotId, lot.grams]));
  const reservations: Reservation[] = [];
  const shortages: Shortage[] = [];
  const inOrder = [...dishes].sort((a, b) => a.day.localeCompare(b.day));
  for (const dish of inOrder)
    for (const lotId of new Set(dish.uses.map((use) => use.lotId))) {
      const uses = dish.uses.filter((use) => use.lotId === lotId);
      const found = reserve(uses, { lotId, lots, free });
      const about = { dishId: dish.id, dish: dish.name, day: dish.day, recipeId: dish.recipeId };
      reservations.push(...found.taken.map((one) => ({ ...about, ...one })));
      if (found.shortG > unseenG)
        shortages.push({
          ...{ dishId: dish.id, grams: found.shortG },
          ingredient: uses[0]?.ingredient ?? "",
        });
    }
  return { reservations, shortages };
}

type Uses = AcceptedDish["uses"];
type Where = {
  readonly lotId: string;
  readonly lots: readonly ReservableLot[];
  /** What nobody before has reserved, as it lies; what is taken here goes off it. */
  readonly free: Map<string, number>;
};

function reserve(uses: Uses, { lotId, lots, free }: Where) {
  const taken: { lotId: string; grams: number }[] = [];
  const take = (id: string, wanted: number): number => {
    const grams = Math.min(wanted, free.get(id) ?? 0);
    if (grams <= unseenG) return 0;
    free.set(id, (free.get(id) ?? 0) - grams);
    taken.push({ lotId: id, grams });
    return grams;
  };
  const trimmedOff = lots.filter((lot) => lot.parentLotId === lotId);
  // What is ready goes before what is still to be trimmed, use by use.
  const rest = uses.map((use) => {
    if (use.toDo === null) return use;
    const ready = trimmedOff.filter((lot) => lot.part === use.part);
    const grams = ready.reduce((needed, lot) => needed - take(lot.lotId, needed), use.grams);
    return { ...use, grams, lotG: use.grams > 0 ? (use.lotG * grams) / use.grams : 0 };
  });
  const needed = gramsTaken(rest);
  const shortShare = needed > 0 ? 1 - take(lotId, needed) / needed : 0;
  return { taken, shortG: shortShare * rest.reduce((sum, use) => sum + use.grams, 0) };
}

/** What is reserved for other dishes than this one; a dish that comes twice has what its earliest time is to get. */
function ofOthers(reservations: readonly Reservation[], recipeId: string | null): Reservation[] {
  const own = reservations.find((one) => one.recipeId === recipeId)?.dishId;
  return reservations.filter((one) => one.dishId !== own);
}

/** Grams of each lot, as they lie, that are reserved for other dishes than this one. */
export function reservedFromOthers(
  reservations: readonly Reservation[],
  recipeId: string | null,
): ReadonlyMap<string, number> {
  const grams = new Map<string, number>();
  for (const one of ofOthers(reservations, recipeId))
    grams.set(one.lotId, (grams.get(one.lotId) ?? 0) + one.grams);
  return grams;
}

/**
 * The first dish whose share of a lot would be touched if `takenG` grams of the `grams` that lie there were taken for
 * something else (`recipeId`: for a dish of its own, null: for no dish); undefined where what is free is enough.
 */
export function reservationTouched(
  reservations: readonly Reservation[],
  taken: {
    readonly lotId: string;
    readonly grams: number;
    readonly takenG: number;
    readonly recipeId: string | null;
  },
): Reservation | undefined {
  const others = ofOthers(reservations, taken.recipeId).filter((one) => one.lotId === taken.lotId);
  const reservedG = others.reduce((sum, one) => sum + one.grams, 0);
  return taken.takenG <= taken.grams - reservedG + unseenG ? undefined : others[0];
}
