import type { AllowedFiller } from "./slots.ts";

/**
 * Usable grams of a lot on hand; `urgencyWeight` is what one gram used is worth, ≥ 0. A lot that goes by several paths
 * stands here once for each, with the lines that take it so.
 */
export type Stock = {
  readonly lotId: string;
  readonly path?: string;
  /** The lines it may go into; any that takes its ingredient where it is left out. */
  readonly lines?: ReadonlySet<string>;
  /** It may go into every line that takes its ingredient; so it may where `lines` is left out. */
  readonly isForAll?: boolean;
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
