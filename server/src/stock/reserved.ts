import { reservationsOf, type Reservation, type Shortage } from "@apron/core/match";
import type { PlannedDishRecord } from "../context/ports/meal-plan.store.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";

/** Dishes of accepted plans that are still to be cooked, and what they have reserved of which lots. */
export type Reserved = {
  readonly standing: readonly PlannedDishRecord[];
  readonly reservations: readonly Reservation[];
  readonly shortages: readonly Shortage[];
};

/** What accepted plans have reserved of the lots on hand; of a day that went by nothing any more. */
export async function reservedNow(context: RequestContext, lots?: readonly LotRecord[]): Promise<Reserved> {
  const standing = await context.stores.mealPlans.standing(context.today);
  if (standing.length === 0) return { standing, reservations: [], shortages: [] };
  const onHand = (lots ?? (await context.stores.lots.onHand())).map(({ id, balanceG, ...lot }) => ({
    ...{ lotId: id, grams: balanceG, parentLotId: lot.parentLotId, part: lot.part },
  }));
  return { standing, ...reservationsOf(standing, onHand) };
}
