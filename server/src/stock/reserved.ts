import { reservationsOf, reservationTouched, type Reservation, type Shortage } from "@apron/core/match";
import type { PlannedDishRecord } from "../context/ports/meal-plan.store.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { conflict, type Refusal } from "../context/refusal.ts";
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

/** Grams taken of a lot, for a recipe or for none. */
type Taken = {
  readonly lot: Pick<LotRecord, "id" | "balanceG">;
  readonly takenG: number;
  readonly recipeId: string | null;
};

/** What has to be asked before a lot is taken from: a plan keeps some of it for another dish. */
export function keptForAnother(
  reservations: readonly Reservation[],
  { lot, takenG, recipeId }: Taken,
): { readonly ok: false; readonly issue: Refusal } | undefined {
  const { id: lotId, balanceG: grams } = lot;
  const touched = reservationTouched(reservations, { lotId, grams, takenG, recipeId });
  return touched && conflict("lot-reserved", { lotId, dish: touched.dish, day: touched.day });
}
