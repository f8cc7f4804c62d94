import type { HoldBack } from "./formula.ts";

/** What a cook's hand begins with, adds by and stops at, grams. */
export type HeldBack = { readonly startG: number; readonly stepG: number; readonly mostG: number };

/** The hold-back of so many grams of a line; null where nothing is held back. */
export const heldBack = (holdBack: HoldBack | null, grams: number): HeldBack | null =>
  holdBack && {
    startG: grams * holdBack.start,
    stepG: grams * holdBack.step,
    mostG: grams * holdBack.most,
  };
