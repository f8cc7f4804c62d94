import type { IngredientFacts } from "../catalogue/index.ts";
import {
  estimate,
  exactly,
  neededFor,
  pluralOf,
  showGrams,
  showYield,
  type Estimate,
} from "../measure/index.ts";
import { contentMeasureOf, wholeMeasureOf, wholeUnits } from "../trim/index.ts";
import { looseStepG, packG } from "./tables/usual-packs.ts";

/** How much to buy of something, as it is sold. */
export type Sold = {
  /** "bunch", "head", "pack"; null where it is weighed out. */
  readonly measure: string | null;
  /** Whole ones; null where it is weighed out. */
  readonly count: number | null;
  /** As bought, in all. */
  readonly grams: number;
  readonly workings: string;
};

/**
 * So much as it is sold that at least `usableG` grams (> 0) remain after trimming at `y`, at the low end of both: whole
 * bunches, heads and packs, or the next 50 g (of herbs and flowers 10 g) of what is weighed out.
 */
export function howSold(facts: IngredientFacts, usableG: number, y: Estimate): Sold {
  const raw = neededFor(usableG, y);
  const trimmed =
    y.low === 1 ? showGrams(usableG) : `${showGrams(usableG)} ÷ ${showYield(y.low)} = ${showGrams(raw.high)}`;
  const whole = wholeMeasureOf(facts);
  if (whole) {
    const each = estimate(whole.grams, whole.low, whole.high);
    const { safe } = wholeUnits(usableG, each, y);
    return {
      ...{ measure: whole.measure, count: safe, grams: safe * whole.grams },
      workings: `${trimmed}; ${safe} × ${showGrams(whole.low)} at the least`,
    };
  }
  const content = contentMeasureOf(facts);
  if (content) {
    const count = Math.ceil(usableG / content.low - 1e-9);
    return {
      ...{ measure: content.measure, count, grams: Math.round((count * content.grams) / y.value) },
      workings: `${showGrams(usableG)}; ${count} with ${showGrams(content.low)} in each at the least`,
    };
  }
  const pack = packG[facts.category];
  const step = pack ?? looseStepG(facts.category);
  const count = Math.ceil(raw.high / step - 1e-9);
  const grams = count * step;
  return {
    ...{ measure: pack === undefined ? null : "pack", count: pack === undefined ? null : count, grams },
    workings: `${trimmed}, rounded up to ${showGrams(grams)}`,
  };
}

/** Nothing is trimmed away. */
export const wholeYield = exactly(1);

/** The same as a kitchen reads an amount: "2 bunch", "3 piece", "150 g". */
export function soldAmount({ measure, count, grams }: Pick<Sold, "measure" | "count" | "grams">): string {
  if (measure === null || count === null || measure === "pack") return `${grams} g`;
  return `${count} ${{ "each-medium": "piece", "can-drained": "tin" }[measure] ?? measure}`;
}

/** "2 bunches", "3 ×", "1 pack of 100 g", "150 g". */
export function soldWords({ measure, count, grams }: Pick<Sold, "measure" | "count" | "grams">): string {
  if (measure === null || count === null) return showGrams(grams);
  if (measure === "each-medium") return `${count} ×`;
  const name = measure === "can-drained" ? "tin" : measure;
  const each = measure === "pack" ? ` of ${showGrams(grams / count)}` : "";
  return `${count} ${count === 1 ? name : pluralOf(name)}${each}`;
}
