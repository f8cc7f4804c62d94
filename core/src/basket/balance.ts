import { toMilligram } from "../measure/index.ts";
import { effectOnStock, type Entry } from "./entry.ts";

/** Grams on hand: the fold of a lot's entries, to the milligram (float dust is swept). */
export const onHand = (entries: readonly Entry[]): number =>
  toMilligram(entries.reduce((total, entry) => total + effectOnStock(entry), 0));
