import type { AcidKind, Composition } from "../catalogue/index.ts";

/** Grams of each acid per equivalent of acidity: molar mass ÷ number of acid groups (IUPAC atomic weights). */
export const gramsPerEquivalent: Readonly<Record<AcidKind, number>> = {
  acetic: 60.05,
  citric: 192.12 / 3,
  tartaric: 150.09 / 2,
  malic: 134.09 / 2,
  lactic: 90.08,
};

/** Vinegar of 5 %, the yardstick: 5 g of acetic acid in 100 ml, 0.8326 equivalents a litre. */
const yardstickEqPerMl = 0.05 / gramsPerEquivalent.acetic;

/** Millilitres of 5 % vinegar that are as sharp as so many equivalents of acid. Taste, not pH. */
export const asVinegarMl = (equivalents: number): number => equivalents / yardstickEqPerMl;

/**
 * Equivalents of acid in `grams` of an ingredient, by its titratable acid in g per 100 g. 0 where none is known:
 * an ingredient without a figure counts as not sour.
 */
export const equivalentsIn = (
  grams: number,
  composition: Pick<Composition, "titratableAcidG" | "acidAs"> | undefined,
): number =>
  composition?.titratableAcidG && composition.acidAs
    ? (grams * composition.titratableAcidG) / 100 / gramsPerEquivalent[composition.acidAs]
    : 0;
