import type { AllowedFiller } from "./slots.ts";

/** Usable grams of a lot on hand; `worth` is what one gram used is worth (its urgency), ≥ 0. */
export type Stock = {
  readonly lotId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly urgencyWeight: number;
};

/** One line to fill: grams wanted now, as written, and what may fill it. */
export type Demand = {
  readonly lineId: string;
  readonly grams: number;
  readonly fillers: readonly AllowedFiller[];
  readonly maxStrongHerbShare: number;
  readonly optional: boolean;
};

export type Filling = {
  readonly lineId: string;
  readonly lotId: string;
  readonly ingredient: string;
  readonly grams: number;
};
