import type { IngredientFacts } from "../catalogue/index.ts";

/** Salt equivalent of sodium on a label: × 2.5 (Regulation (EU) 1169/2011, Annex I); by molar mass it is × 2.54. */
export const saltFromSodium = (sodiumG: number): number => sodiumG * 2.5;

const amount = /^\s*(?:(sodium|na)\s*:?\s*)?(\d+(?:[.,]\d+)?)\s*(m?g)?\s*(?:of\s+)?(sodium|na|salt)?\s*$/i;

/**
 * Grams of salt in 100 g by what a label says: "1.2", "1.2 g salt", "480 mg sodium". A bare number is grams of salt.
 * NaN for what cannot be read.
 */
export function labelSalt(text: string): number {
  const match = amount.exec(text);
  if (!match) return Number.NaN;
  const value = Number((match[2] ?? "").replace(",", "."));
  const grams = match[3]?.toLowerCase() === "mg" ? value / 1000 : value;
  const isSodium = match[1] !== undefined || /^(?:sodium|na)$/i.test(match[4] ?? "");
  return isSodium ? saltFromSodium(grams) : grams;
}

/** Grams of salt in 100 g: by the label of its pack, else by the table; null where neither says. */
export const saltPer100g = (
  label: { readonly saltG: number | null } | null | undefined,
  facts: Pick<IngredientFacts, "composition">,
): number | null => label?.saltG ?? facts.composition?.saltG ?? null;
