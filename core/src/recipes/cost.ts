import { trimmedDecimals } from "../measure/index.ts";

/** What one amount costs; minor units of the kitchen's currency for 100 usable grams, null where nobody knows. */
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

/** What a make costs, in all and by the portion (`servings` > 0). */
export function costOf(parts: readonly Priced[], servings: number): Cost {
  const priced = parts.flatMap((p) => (p.per100gMinor === null ? [] : [{ ...p, per100g: p.per100gMinor }]));
  const unpriced = parts.filter((p) => p.per100gMinor === null && p.grams > 0).map((p) => p.name);
  const total = priced.reduce((sum, p) => sum + (p.grams * p.per100g) / 100, 0);
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
