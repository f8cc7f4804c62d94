import { honestStep, showEstimate, showYield, times, toMilligram, type Estimate } from "../measure/index.ts";
import { suggestParts } from "./by-products.ts";
import type { KitchenYield } from "./kitchen-yield.ts";

/** What a trim is expected to give before it is weighed, all in grams. */
export type ExpectedTrim = {
  readonly usable: Estimate;
  /** The usable part to the step asked for. */
  readonly usableG: number;
  readonly parts: readonly { readonly part: string; readonly use: string; readonly grams: number }[];
  readonly workings: string;
};

/**
 * Usable grams and by-products that `rawG` grams (> 0) should give, to `stepG` grams: the scale's step, or finer where
 * nothing will be weighed. By-products share what is not usable.
 */
export function expectedTrim(rawG: number, y: KitchenYield, stepG = 1): ExpectedTrim {
  const usable = times(y.next, rawG);
  const usableG = toMilligram(stepG * Math.round(usable.value / stepG));
  const step = honestStep(usable.high - usable.low);
  const about = step > 1 ? `, to about ${step} g` : "";
  return {
    usable,
    usableG,
    parts: suggestParts(rawG - usableG, y.handbook, { stepG }),
    workings: `${Math.round(rawG)} g × ${showYield(y.next.value)} = ${showEstimate(usable)}${about}; ${y.workings}`,
  };
}
