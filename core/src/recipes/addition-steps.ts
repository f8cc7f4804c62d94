import type { GradualAddition } from "./formula.ts";

/** What a cook's hand begins with, adds by and stops at, grams. */
export type HeldBack = { readonly startG: number; readonly stepG: number; readonly mostG: number };

/** The hold-back of so many grams of a line; null where nothing is held back. */
export const additionSteps = (gradualAddition: GradualAddition | null, grams: number): HeldBack | null =>
  gradualAddition && {
    startG: grams * gradualAddition.start,
    stepG: grams * gradualAddition.step,
    mostG: grams * gradualAddition.most,
  };
