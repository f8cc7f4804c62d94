import type { Provenance } from "../catalogue/index.ts";
import { accept, estimate, refuse, times, type Estimate, type Result } from "../measure/index.ts";

/** Grams of dressing for 100 g of salad. */
export type DressingRate = Provenance & {
  readonly group: string;
  readonly examples: string;
  readonly grams: number;
  readonly low: number;
  readonly high: number;
  readonly when: string;
};

/** Fewest own salads before the kitchen's own rate is used alone; before that each weighs as one of so many. A judgement. */
const handbookWeighs = 3;

/**
 * Grams of dressing for `saladG` grams of a kind of salad: the table's rate, drawn towards this kitchen's own ones
 * (g per 100 g, jars weighed back). The range narrows with them but never below a tenth of the rate.
 */
export function dressingFor(saladG: number, rate: DressingRate, own: readonly number[] = []): Estimate {
  const total = own.reduce((sum, one) => sum + one, 0);
  const weight = handbookWeighs + own.length;
  const value = (rate.grams * handbookWeighs + total) / weight;
  const shrink = handbookWeighs / weight;
  const half = (side: number): number => Math.max(side * shrink, value / 20);
  const per100 = estimate(value, value - half(rate.grams - rate.low), value + half(rate.high - rate.grams));
  return times(per100, saladG / 100);
}

/** What stays in the jar of `madeG` once a salad has had its share; never below nothing. */
export const leftInJar = (madeG: number, needed: Estimate): Estimate => ({
  value: Math.max(0, madeG - needed.value),
  low: Math.max(0, madeG - needed.high),
  high: Math.max(0, madeG - needed.low),
});

export type JarIssue = {
  readonly code: "more-dressing-than-salad";
  readonly usedG: number;
  readonly saladG: number;
};

/** The last so many jars of a kind count: tastes and leaves change with the season. A judgement. */
export const jarsThatCount = 20;

/** Grams of dressing on 100 g of salad, by a jar weighed before and after; more than the salad weighs was misread. */
export const rateByJar = (saladG: number, usedG: number): Result<number, JarIssue> =>
  usedG > saladG
    ? refuse({ code: "more-dressing-than-salad", usedG, saladG })
    : accept((100 * usedG) / saladG);
