import type { Share } from "@apron/core/cook";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { Refusal } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";
import { keptForAnother, reservedNow } from "../stock/reserved.ts";

type Taking = {
  readonly body: { readonly recipeId: string };
  readonly lots: readonly LotRecord[];
  readonly settled: { readonly dish: Share; readonly parts: readonly Share[] };
};

/** What this dish takes although a plan has reserved it for another: asked before it is taken. */
export async function takenFromOthers(
  { body, lots, settled }: Taking,
  context: RequestContext,
): Promise<{ readonly ok: false; readonly issue: Refusal } | undefined> {
  const { reservations } = await reservedNow(context);
  const draws = [settled.dish, ...settled.parts].flatMap((share) => share.draws);
  for (const lot of lots) {
    const takenG = draws.filter(({ lotId }) => lotId === lot.id).reduce((sum, draw) => sum + draw.grams, 0);
    const asked = keptForAnother(reservations, { lot, takenG, recipeId: body.recipeId });
    if (asked) return asked;
  }
  return undefined;
}

/** The dish of a plan that this was: of several the earliest. What it had reserved is spoken for no more. */
export async function tickPlanned(
  { recipeId, batchId }: { readonly recipeId: string; readonly batchId: string },
  { stores, today }: RequestContext,
): Promise<void> {
  const standing = await stores.mealPlans.standing(today);
  const planned = standing.find((dish) => dish.recipeId === recipeId);
  if (planned) await stores.mealPlans.put([{ ...planned, batchId }]);
}
