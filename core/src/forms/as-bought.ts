import type { IngredientFacts, TrimYield } from "../catalogue/index.ts";
import { product, showEstimate, showYield, type Estimate } from "../measure/index.ts";
import { needsNoTrimming } from "./ready.ts";

const untrimmed = /\b(?:unpeeled|untrimmed|skins?[- ]on|in (?:their|its) skins?|with (?:the )?skins?)\b/i;

/** Do the words of a line say outright that nothing is taken off: "unpeeled", "skin on"? */
export const staysUntrimmed = (words: string): boolean => untrimmed.test(words);

/** Is it used as it is bought, by the words of a line that names no trim: "1 whole lemon", "kohlrabi, unpeeled"? */
export const isUsedWhole = (words: string): boolean =>
  staysUntrimmed(words) || /^\s*(?:[\d½¼¾.,–-]+ )?whole\b|,\s*(?:left |kept )?whole\s*$/i.test(words);

/**
 * The way that food is trimmed on its way from the market to the dish: the one named, else its usual one. Undefined of
 * what comes ready to use (cheese, vinegar, flour) and of a way the tables do not know.
 */
export function trimOf(
  facts: Pick<IngredientFacts, "trims" | "category" | "keepsAs">,
  method: string | null,
): TrimYield | undefined {
  if (method !== null) return facts.trims.find((one) => one.method === method);
  return needsNoTrimming(facts) ? undefined : facts.trims[0];
}

/** Food as it is bought and what of it goes into the dish. */
export type Bought = { readonly usable: Estimate; readonly workings: string };

/**
 * Grams that are left of `boughtG` grams as bought once they are trimmed (edible portion of an as-purchased weight).
 * `yielded` is usable ÷ bought, 0–1 or a little more where it takes up water: the handbook's, or what this kitchen
 * expects. A known weight still has the spread of the yield; two spreads add up as independent errors do.
 * @example usableOf(exactly(808), { value: 0.44, low: 0.4, high: 0.5 }) // about 356 g
 */
export function usableOf(boughtG: Estimate, yielded: Estimate): Bought {
  const usable = product(boughtG, yielded);
  return {
    usable,
    workings: `${showEstimate(boughtG)} as bought × ${showYield(yielded.value)} = ${showEstimate(usable)} usable`,
  };
}
