import { toGrams, type IngredientFacts, type OunceMeaning, type WeightIssue } from "../catalogue/index.ts";
import { accept, parseAmount, refuse, toMilligram, type CupSystem, type Result } from "../measure/index.ts";
import type { GramRange } from "./formula.ts";

/** An amount of a line as it is kept: grams, the range it was given in, and its own words where it was not weighed. */
export type LineAmount = {
  readonly grams: number;
  readonly range: GramRange | null;
  readonly amountText: string;
  readonly workings: string;
};

/** "80–100 g", "80 to 100": a range of grams. */
const range = /^\s*(\d+(?:[.,]\d+)?)\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?)\s*(?:g|grams?)?\s*$/i;
const bare = /^\s*\d+(?:[.,]\d+)?\s*$/;
const number = (text: string | undefined): number => Number((text ?? "").replace(",", "."));

/**
 * Reads what a cook types as a line's amount: a bare number is grams, a range keeps both its ends and takes its middle,
 * anything else goes through the ingredient's own measures. Refuses nothing and less, and what cannot be read.
 */
export function readLineAmount(
  text: string,
  facts: IngredientFacts | undefined,
  how: { readonly cup: CupSystem; readonly ounces?: OunceMeaning | undefined },
): Result<LineAmount, WeightIssue> {
  const ends = range.exec(text);
  if (ends) {
    const [low, high] = [number(ends[1]), number(ends[2])];
    if (!(low > 0 && high >= low)) return refuse({ code: "amount-not-positive", text });
    return accept({ grams: (low + high) / 2, range: { low, high }, amountText: "", workings: "as typed" });
  }
  if (bare.test(text)) {
    const grams = number(text);
    return grams > 0
      ? accept({ grams, range: null, amountText: "", workings: "as typed" })
      : refuse({ code: "amount-not-positive", text });
  }
  const read = parseAmount(text, how.cup);
  if (!read.ok) return read;
  const { amount, rest } = read.value;
  if (amount.kind === "mass")
    return accept({ grams: toMilligram(amount.grams), range: null, amountText: "", workings: "as typed" });
  if (!facts) return refuse({ code: "measure-unknown", word: text, known: [] });
  const weight = toGrams(amount, facts, { rest, ounces: how.ounces });
  if (!weight.ok) return weight;
  const grams = toMilligram(weight.value.grams.value);
  return accept({ grams, range: null, amountText: text.trim(), workings: weight.value.workings });
}
