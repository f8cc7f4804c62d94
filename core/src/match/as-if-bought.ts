import type { IngredientFacts } from "../catalogue/index.ts";
import { trimOf } from "../forms/index.ts";
import type { DatedStock } from "./meal-plan-input.ts";

/** Days that something freshly bought is good for beyond those of the plan, so that no date of it decides. */
const goodBeyond = 3;

/**
 * Something that might be bought, in grams as bought: whole, usable by its usual trim, worth nothing by itself, and good for
 * all the days of the plan.
 */
export function asIfBought(
  facts: IngredientFacts,
  { lotId, grams, days }: { readonly lotId: string; readonly grams: number; readonly days: number },
): DatedStock {
  const yields = Object.fromEntries(facts.trims.map((trim) => [trim.method, trim.mean]));
  const usable = trimOf(facts, null)?.mean ?? 1;
  return {
    ...{ lotId, ingredient: facts.id, grams, form: "whole", method: null, part: null, pieceG: null },
    ...{ yields, usableG: grams * usable, daysLeft: days + goodBeyond, safeDays: null, urgencyWeight: 0 },
  };
}
