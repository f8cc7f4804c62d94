export type Band = { readonly low: number; readonly high: number };

/** What a bowl should come to; a band that is null does not matter. Percentages in g per 100 g. */
export type DressingTargets = {
  /** Oil to one of acid by volume, as poured. */
  readonly oilToAcidPoured: Band | null;
  /** Oil to one of acid, the acid as 5 % vinegar. */
  readonly oilToAcidEffective: Band | null;
  /** Grams of sugar to one of acid, as acetic. */
  readonly sugarToAcid: Band | null;
  readonly saltPercent: Band | null;
};
