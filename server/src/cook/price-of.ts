import type { MakePart } from "@apron/core/cook";
import { boardPrice, pricePart, type PriceSource } from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import { factsOf } from "../stock/present-lot.ts";
import type { Surplus } from "../stock/surplus.ts";

function boardPer100g(ingredient: string, context: RequestContext): number | null {
  const perKg = context.priceBoard.perKgMinor(ingredient, context.today, context.catalogue);
  return boardPrice(perKg, factsOf(context, ingredient));
}

/** What was paid for a lot goes with what is taken of it, as it lies, over what that gives. */
function sourceOf(part: Pick<MakePart, "grams" | "lotG">, lot: Surplus | undefined): PriceSource {
  if (!lot) return { kind: "bought" };
  const { priceMinor, receivedG } = lot.lot;
  return priceMinor === null
    ? { kind: "own" }
    : { kind: "paid", minor: (priceMinor * part.lotG) / receivedG, usableG: part.grams };
}

/** The price of 100 grams of a part as it goes into the dish, and whose price it is; own produce counts as asked. */
export const priceOf = (
  part: Pick<MakePart, "ingredient" | "grams" | "lotG" | "lotId">,
  from: {
    readonly surplus: readonly Surplus[];
    readonly own: "zero" | "market";
    readonly context: RequestContext;
  },
): ReturnType<typeof pricePart> => {
  const lot = from.surplus.find((one) => one.lotId === part.lotId);
  return pricePart(sourceOf(part, lot), boardPer100g(part.ingredient, from.context), from.own);
};
