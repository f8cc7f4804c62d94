import { honestStep, showEstimate, showYield, times, type Estimate } from "../measure/index.ts";
import { suggestParts } from "./by-products.ts";
import type { KitchenYield } from "./kitchen-yield.ts";

/** What a trim is expected to give before it is weighed, all in grams. */
export type ExpectedTrim = {
  readonly usable: Estimate;
  readonly parts: readonly { readonly part: string; readonly use: string; readonly grams: number }[];
  readonly workings: string;
};

/** Usable grams and by-products that `rawG` grams (> 0) should give; by-products share what is not usable. */
export function expectedTrim(rawG: number, y: KitchenYield): ExpectedTrim {
  const usable = times(y.next, rawG);
  const usableG = Math.round(usable.value);
  const step = honestStep(usable.high - usable.low);
  const about = step > 1 ? `, to about ${step} g` : "";
  return {
    usable,
    parts: suggestParts(rawG - usableG, y.handbook),
    workings: `${Math.round(rawG)} g × ${showYield(y.next.value)} = ${showEstimate(usable)}${about}; ${y.workings}`,
  };
}
