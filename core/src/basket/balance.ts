import { effectOnStock, type Entry } from "./entry.ts";

/** Grams on hand: the fold of a lot's entries, to the milligram (float dust is swept). */
export const onHand = (entries: readonly Entry[]): number => {
  const grams = entries.reduce((total, entry) => total + effectOnStock(entry), 0);
  return Math.round(grams * 1000) / 1000;
};
