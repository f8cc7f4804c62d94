import {
  provenance,
  toGrams,
  type IngredientFacts,
  type OunceMeaning,
  type Weight,
  type WeightIssue,
} from "../catalogue/index.ts";
import { cookedBy, isUsedWhole, piecesOnHand, trimOf, usableOf } from "../forms/index.ts";
import {
  accept,
  parseAmount,
  refuse,
  showGrams,
  toMilligram,
  trimmedDecimals,
  type CupSystem,
  type Result,
} from "../measure/index.ts";
import type { GramRange } from "./formula.ts";

/** An amount of a line as it is kept: grams, the range it was given in, and its own words where it was not weighed. */
export type LineAmount = {
  readonly grams: number;
  readonly range: GramRange | null;
  readonly amountText: string;
  /** Grams as bought, where whole pieces are counted; `grams` is what is left of them. */
  readonly asBoughtG: number | null;
  /** Grams cooked, where cooked food is asked for; `grams` is the dry food that gives them. */
  readonly cookedG: number | null;
  /** The cooking that lies between the two; null where the amount says none. */
  readonly cook: string | null;
  readonly workings: string;
};

/** What goes into the dish of an amount, and the form it was written in. */
export type UsableAmount = Omit<LineAmount, "range" | "amountText">;

const typed = (grams: number, range: GramRange | null = null): LineAmount => ({
  ...{ grams, range, amountText: "", asBoughtG: null, cookedG: null, cook: null, workings: "as typed" },
});

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
  how: {
    readonly cup: CupSystem;
    readonly ounces?: OunceMeaning | undefined;
    /** The line's trim and preparation: what they take off pieces that are counted whole. */
    readonly trim?: string | null;
    readonly words?: string;
  },
): Result<LineAmount, WeightIssue> {
  const ends = range.exec(text);
  if (ends) {
    const [low, high] = [number(ends[1]), number(ends[2])];
    if (!(low > 0 && high >= low)) return refuse({ code: "amount-not-positive", text });
    return accept(typed((low + high) / 2, { low, high }));
  }
  if (bare.test(text)) {
    const grams = number(text);
    return grams > 0 ? accept(typed(grams)) : refuse({ code: "amount-not-positive", text });
  }
  const read = parseAmount(text, how.cup);
  if (!read.ok) return read;
  const { amount, rest } = read.value;
  if (amount.kind === "mass") return accept(typed(toMilligram(amount.grams)));
  if (!facts) return refuse({ code: "measure-unknown", word: text, known: [] });
  const weight = toGrams(amount, facts, { rest, ounces: how.ounces });
  if (!weight.ok) return weight;
  const { trim = null, words = "" } = how;
  const amountText = text.trim();
  return accept({ ...usableAmount(weight.value, facts, { trim, words }), range: null, amountText });
}

/**
 * The grams of an amount that go into the dish. Whole pieces lose what the line's trim takes off (its usual one, where
 * none is named), unless its words say that nothing is taken off.
 */
export function usableAmount(
  weight: Weight,
  facts: Pick<IngredientFacts, "trims" | "category" | "changes">,
  said: { readonly trim: string | null; readonly words: string },
): UsableAmount {
  if (weight.form === "cooked") return uncookedAmount(weight, facts, said.words);
  const asItIs = { asBoughtG: null, cookedG: null, cook: null };
  const isWhole = said.trim === null && isUsedWhole(said.words);
  const way = isWhole ? undefined : trimOf(facts, said.trim);
  const { grams, form, workings } = way ? piecesOnHand(weight, facts) : weight;
  const bought = toMilligram(grams.value);
  if (!way || form !== "as-bought") return { grams: bought, ...asItIs, workings };
  const { usable, workings: trimmed } = usableOf(grams, {
    ...{ value: way.mean, low: way.low, high: way.high },
  });
  return {
    grams: toMilligram(usable.value),
    ...asItIs,
    asBoughtG: bought,
    workings: `${workings}; ${trimmed} (${way.method.replaceAll("-", " ")}, ${provenance(way)})`,
  };
}

/**
 * The raw or dry food that gives so much cooked: "2 cups cooked rice" is 390 g cooked, of 145 g dry. By the cooking that
 * the words say; where they say none, by the one that cooks it first.
 */
function uncookedAmount(
  { grams, workings }: Omit<Weight, "weighed">,
  facts: Pick<IngredientFacts, "changes">,
  words: string,
): ReturnType<typeof usableAmount> {
  const cooked = toMilligram(grams.value);
  const change = cookedBy(facts, words);
  if (!change) return { grams: cooked, asBoughtG: null, cookedG: null, cook: null, workings };
  const uncooked = cooked / change.factor;
  const said = change.factor > 1 ? "dry" : "raw";
  return {
    ...{ grams: toMilligram(uncooked), asBoughtG: null, cookedG: cooked, cook: change.method },
    workings: `${workings}; cooked ÷ ${trimmedDecimals(change.factor, 2)} = about ${showGrams(uncooked)} ${said} (${provenance(change)})`,
  };
}
