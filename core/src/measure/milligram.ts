/** Grams to the milligram, as the ledger keeps them: sweeps float dust, rounds half up. Nothing is 0, never −0. */
export const toMilligram = (grams: number): number => Math.round(grams * 1000) / 1000 + 0;
