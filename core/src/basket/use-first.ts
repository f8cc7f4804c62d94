import type { Day } from "../measure/index.ts";

type Ageing = { readonly spoilsOn: Day; readonly grams: number };

/** Which of two lots to use first: the one that spoils sooner, then the bigger one. */
export const useFirstOrder = (a: Ageing, b: Ageing): number =>
  a.spoilsOn === b.spoilsOn ? b.grams - a.grams : a.spoilsOn < b.spoilsOn ? -1 : 1;

export type UseFirstBand = "over" | "now" | "soon" | "keeps";

/** over: its day has passed · now: today or tomorrow · soon: within three days · keeps. */
export function useFirstBand(daysLeft: number): UseFirstBand {
  if (daysLeft < 0) return "over";
  if (daysLeft <= 1) return "now";
  return daysLeft <= 3 ? "soon" : "keeps";
}

/**
 * How much it matters to use a gram today, in (0, 1]: 1 on the last day, halving about every three days,
 * 0 once over (it is not to be used). A judgement: common practice, no source.
 */
export const urgency = (daysLeft: number): number => (daysLeft < 0 ? 0 : 2 ** (-daysLeft / 3));
