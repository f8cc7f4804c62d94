import { addDays, daysBetween, estimate, type Day, type Estimate } from "../measure/index.ts";

export const bedStates = ["growing", "bolting", "finished"] as const;
export type BedState = (typeof bedStates)[number];

/** One picking from a bed. */
export type Harvest = { readonly day: Day; readonly grams: number };

/** What a bed will give next: when, how much, and what that rests on. */
export type NextPicking = {
  readonly on: Day;
  readonly inDays: number;
  readonly grams: Estimate;
  readonly basis: "forecast" | "harvests";
};

const middleOf = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  const upper = sorted[half] ?? 0;
  return sorted.length % 2 === 1 ? upper : ((sorted[half - 1] ?? 0) + upper) / 2;
};

/** What the cook says is to come is taken as it is, give or take a third. A judgement. */
const saidSpread = 1 / 3;
/** Fewest pickings that make a rhythm. */
const fewestPickings = 3;

/**
 * What a growing bed will give next: what the cook said, if that is still to come, else the usual gap and weight of
 * its pickings (medians, oldest first, of one crop). Undefined for a finished or bolting bed, and without a rhythm.
 */
export function nextHarvest(
  bed: { readonly state: BedState; readonly forecast: { readonly on: Day; readonly grams: number } | null },
  harvests: readonly Harvest[],
  today: Day,
): NextPicking | undefined {
  if (bed.state !== "growing") return undefined;
  if (bed.forecast && bed.forecast.on >= today) {
    const { on, grams } = bed.forecast;
    const range = estimate(grams, grams * (1 - saidSpread), grams * (1 + saidSpread));
    return { on, inDays: daysBetween(today, on), grams: range, basis: "forecast" };
  }
  if (harvests.length < fewestPickings) return undefined;
  const gaps = harvests.slice(1).map((p, i) => daysBetween(harvests[i]?.day ?? p.day, p.day));
  const last = harvests.at(-1)?.day ?? today;
  const due = addDays(last, Math.max(1, Math.round(middleOf(gaps))));
  const on = due < today ? today : due;
  const weights = harvests.map((p) => p.grams);
  const grams = estimate(middleOf(weights), Math.min(...weights), Math.max(...weights));
  return { on, inDays: daysBetween(today, on), grams, basis: "harvests" };
}
