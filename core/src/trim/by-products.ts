import type { ByProductShare, TrimYield } from "../catalogue/index.ts";

type SuggestedPart = { readonly part: string; readonly use: string; readonly grams: number };

/**
 * What probably makes up the `restG` grams that are not usable: the handbook's by-products in their own
 * proportion, the unnamed remainder left as loss. Rounded down, so that together they never outweigh the rest.
 */
export function suggestParts(
  restG: number,
  handbook: Pick<TrimYield, "mean" | "byProducts">,
): SuggestedPart[] {
  const named = handbook.byProducts.reduce((total: number, p: ByProductShare) => total + p.fraction, 0);
  const whole = Math.max(1 - handbook.mean, named);
  if (!(whole > 0) || !(restG > 0)) return [];
  return handbook.byProducts.map((p) => ({
    part: p.part,
    use: p.use,
    grams: Math.floor((restG * p.fraction) / whole),
  }));
}
