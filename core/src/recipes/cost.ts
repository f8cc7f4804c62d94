import type { IngredientFacts } from "../catalogue/index.ts";
import { trimOf } from "../forms/index.ts";
import { trimmedDecimals } from "../measure/index.ts";
import { isTapWater } from "./always-there.ts";

/** What one amount costs; minor units of the kitchen's currency for 100 usable grams, null where it is not known. */
export type Priced = {
  readonly name: string;
  readonly grams: number;
  readonly per100gMinor: number | null;
};

export type Cost = {
  /** Rounded once, at the end; null when nothing has a price. */
  readonly batchMinor: number | null;
  readonly portionMinor: number | null;
  /** Names without a price: the sum leaves them out. */
  readonly unpriced: readonly string[];
  readonly workings: string;
};

/** What one amount costs, minor units, unrounded; null where it has no price. */
export const partCost = ({ grams, per100gMinor }: Pick<Priced, "grams" | "per100gMinor">): number | null =>
  per100gMinor === null ? null : (grams * per100gMinor) / 100;

/** What a make costs, in all and by the portion (`servings` > 0). */
export function costOf(parts: readonly Priced[], servings: number): Cost {
  const priced = parts.flatMap((p) => (p.per100gMinor === null ? [] : [{ ...p, per100g: p.per100gMinor }]));
  const unpriced = parts.filter((p) => p.per100gMinor === null && p.grams > 0).map((p) => p.name);
  const total = priced.reduce((sum, p) => sum + (partCost(p) ?? 0), 0);
  const none = priced.length === 0;
  return {
    batchMinor: none ? null : Math.round(total),
    portionMinor: none ? null : Math.round(total / servings),
    unpriced,
    workings: priced
      .filter((p) => p.per100g > 0)
      .map(
        (p) => `${p.name} ${trimmedDecimals(p.grams, 0)} g × ${trimmedDecimals(p.per100g / 100, 2)} a 100 g`,
      )
      .join(" + "),
  };
}

/** Price of 100 usable grams when the raw kilo costs `perKgMinor` and so much of it (0–1] is left after trimming. */
export const per100gUsable = (perKgMinor: number, yieldMean: number): number =>
  perKgMinor / 10 / (yieldMean > 0 ? yieldMean : 1);

/** Where an amount comes from: paid for (a lot's price over what it gives usable), the kitchen's own, or to be bought. */
export type PriceSource =
  | { readonly kind: "paid"; readonly minor: number; readonly usableG: number }
  | { readonly kind: "own" }
  | { readonly kind: "bought" };

/** The board's price of 100 usable grams: nothing for tap water, null for what it does not list (undefined a kilo). */
export const boardPrice = (perKgMinor: number | undefined, facts: IngredientFacts): number | null => {
  if (isTapWater(facts)) return 0;
  return perKgMinor === undefined ? null : per100gUsable(perKgMinor, trimOf(facts, null)?.mean ?? 1);
};

/** What own produce counts: nothing, or what the market asks for it. */
export type OwnCounts = "zero" | "market";

/**
 * Price of 100 usable grams of one amount, and whose price it is. What was paid stands; own produce counts as the
 * kitchen chooses; everything else costs what the board says, or is not known (null).
 */
export function pricePart(
  source: PriceSource,
  boardPer100g: number | null,
  own: OwnCounts,
): { readonly per100gMinor: number | null; readonly from: "own" | "paid" | "board" } {
  switch (source.kind) {
    case "paid":
      return {
        per100gMinor: source.usableG > 0 ? (100 * source.minor) / source.usableG : null,
        from: "paid",
      };
    case "own":
      return { per100gMinor: own === "zero" ? 0 : boardPer100g, from: "own" };
    case "bought":
      return { per100gMinor: boardPer100g, from: "board" };
  }
}
