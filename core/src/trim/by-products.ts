import type { ByProductShare, TrimYield } from "../catalogue/index.ts";
import { toMilligram } from "../measure/index.ts";

type SuggestedPart = { readonly part: string; readonly use: string; readonly grams: number };

/**
 * What probably makes up the `restG` grams that are not usable: the handbook's by-products in their own
 * proportion, the unnamed remainder left as loss. Parts already `weighed` (grams by name, the handbook's or others)
 * are taken off first and not suggested again. Rounded down to `stepG` grams, so that together they never outweigh the rest.
 */
export function suggestParts(
  restG: number,
  handbook: Pick<TrimYield, "mean" | "byProducts">,
  {
    weighed = {},
    stepG = 1,
  }: { readonly weighed?: Readonly<Record<string, number>>; readonly stepG?: number } = {},
): SuggestedPart[] {
  const fractionOf = (parts: readonly ByProductShare[]): number =>
    parts.reduce((total, p) => total + p.fraction, 0);
  const open = handbook.byProducts.filter((p) => weighed[p.part] === undefined);
  const unnamed = Math.max(0, 1 - handbook.mean - fractionOf(handbook.byProducts));
  const whole = fractionOf(open) + unnamed;
  const leftG = restG - Object.values(weighed).reduce((total, grams) => total + grams, 0);
  if (!(whole > 0) || !(leftG > 0)) return [];
  return open.map((p) => ({
    part: p.part,
    use: p.use,
    grams: toMilligram(stepG * Math.floor((leftG * p.fraction) / whole / stepG + 1e-9)),
  }));
}
