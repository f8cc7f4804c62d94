import { accept } from "@apron/core/measure";
import { costOf, partCost, per100gUsable, pricePart, type PriceSource } from "@apron/core/recipes";
import { factsOf, nameFor } from "../stock/present-lot.ts";
import { planFor } from "./plan-make.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import type { Surplus } from "../stock/surplus.ts";

/** The board's price for what is left after the usual trimming; null where it does not list it. */
function boardPer100g(ingredient: string, context: RequestContext): number | null {
  const perKg = context.priceBoard.perKgMinor(ingredient, context.today, context.catalogue);
  return perKg === undefined ? null : per100gUsable(perKg, factsOf(context, ingredient).trims[0]?.mean ?? 1);
}

/** A lot's price goes with what is left of it; of a raw lot that is what its yield should leave. */
function sourceOf(lot: Surplus | undefined): PriceSource {
  if (!lot) return { kind: "bought" };
  const { priceMinor, receivedG, balanceG } = lot.lot;
  return priceMinor === null
    ? { kind: "own" }
    : { kind: "paid", minor: (priceMinor * balanceG) / receivedG, usableG: lot.grams };
}

/** What a make from today's stock costs: lots at what was paid, own produce as asked, the rest off the board. */
export const costRecipe: UseCase<"costRecipe"> = async ({ params, query }, context) => {
  const planned = await planFor(
    { recipeId: params.id, scale: { kind: "batches", batches: query.batches }, take: [] },
    context,
  );
  if (!planned.ok) return planned;
  const { plan, surplus } = planned.value;
  const parts = plan.lines.flatMap((line) =>
    line.parts.map((part) => {
      const source = sourceOf(surplus.find((lot) => lot.lotId === part.lotId));
      const price = pricePart(source, boardPer100g(part.ingredient, context), query.own);
      const priced = { name: nameFor(context, part.ingredient), grams: part.grams, ...price };
      return { ...priced, costMinor: partCost(priced) };
    }),
  );
  const cost = costOf(parts, plan.servings);
  return accept({ ...cost, parts, currency: context.session.kitchen.currency });
};
