import {
  accept,
  estimate,
  exactly,
  gramsPerOunce,
  refuse,
  showEstimate,
  trimmedDecimals,
} from "../measure/index.ts";
import type { Amount, AmountIssue, Estimate, Result, SizeWord } from "../measure/index.ts";
import { findCounted, findPoured, isOwnName, type MeasureAsk, type MeasuredFacts } from "./find-measure.ts";
import { singularWord, wordsOf } from "./name-keys.ts";
import { provenance } from "./provenance.ts";
import type { MeasureRow } from "./rows.ts";

/**
 * What an amount is of: food as it is bought (whole pieces, bunches: untrimmed), what of it goes into the dish, or food
 * that is cooked already ("2 cups cooked rice"). The field's own words are as purchased, edible portion, cooked yield.
 */
export type AmountForm = "as-bought" | "usable" | "cooked";

/** Grams of what was typed, how they came about, whether it was weighed, and of which form of the food they are. */
export type Weight = {
  readonly grams: Estimate;
  readonly weighed: boolean;
  readonly form: AmountForm;
  /** Pieces were counted whose weight the table gives trimmed: an egg without its shell, a clove without its skin. */
  readonly isTrimmedPiece?: boolean;
  readonly workings: string;
};

/** Pieces that are bought one by one, whatever the table weighs of them. */
const pieceMeasure = /^(?:each|clove|ear|head|stalk|spear)\b/;

/** A measure of whole pieces weighs them as they are bought. */
const formOfRow = (row: MeasureRow): AmountForm =>
  row.measure === "cup-cooked" ? "cooked" : row.state === "whole" ? "as-bought" : "usable";

export type WeightIssue =
  | AmountIssue
  | { readonly code: "measure-unknown"; readonly word: string; readonly known: readonly string[] }
  | { readonly code: "measure-unclear"; readonly either: readonly string[] }
  | { readonly code: "volume-needs-density"; readonly ingredient: string }
  | { readonly code: "ounce-mass-or-fluid"; readonly ingredient: string; readonly ounces: number };

/** What a kitchen means by "oz" of something that can be poured; it is asked once and remembered. */
export type OunceMeaning = "mass" | "fluid";

/**
 * What is bought whole and counted by a part of it too: "2 garlic" are heads or cloves, "4 celery" heads or sticks, "3 rye bread" loaves or slices. From
 * so many on the words leave it open: one celery is a head. Common practice, no source.
 */
const wholeAndPart = [
  { whole: "head", part: "clove", from: 1 },
  { whole: "head", part: "stalk", from: 2 },
  { whole: "loaf", part: "slice", from: 2 },
] as const;

/** A part that is a larger share of the whole is not what people count: a stalk of broccoli. */
const mostShareOfWhole = 0.2;

/** The two measures that a bare count may be of; undefined where it can only be of one. */
function wholeOrPart(count: { readonly high: number }, { measures }: MeasuredFacts): string[] | undefined {
  const gramsOf = (name: string): number | undefined => measures.find((row) => row.measure === name)?.grams;
  const found = wholeAndPart.find(({ whole, part, from }) => {
    const [wholeG, partG] = [gramsOf(whole), gramsOf(part)];
    if (wholeG === undefined || partG === undefined) return false;
    return count.high >= from && partG <= wholeG * mostShareOfWhole;
  });
  return found && [found.whole, found.part];
}

/** Weighed wherever ounces are spoken of, though they have a density. */
const solidFats: readonly string[] = ["butter", "butter-salted", "lard"];

/**
 * Can an ounce of it be an ounce of weight or a fluid ounce? Liquids and pastes: what has a density and is an oil,
 * wet (15 g of water in 100 g or more), or a paste of nuts or seeds (heavier than water).
 */
export function isPourable(facts: Pick<MeasuredFacts, "id" | "category" | "composition">): boolean {
  const density = facts.composition?.gramsPerMl ?? null;
  if (density === null || solidFats.includes(facts.id)) return false;
  const water = facts.composition?.waterG ?? 0;
  return facts.category === "oil" || water >= 15 || (density > 1 && ["nut", "seed"].includes(facts.category));
}

const sizeWords: readonly string[] = ["small", "medium", "large"];

/** "2 pieces", "2 of them": pieces of whatever it is. */
const piece = /^(?:of|pieces?|ones?|whole|each|items?)$/;

/** Splits "large cloves" or "heads, trimmed" into a measure, its size and words about the preparation. */
function askOf(word: string, rest: string): MeasureAsk {
  const words = wordsOf(rest);
  if (!sizeWords.includes(word)) return { word, size: "", preparation: words };
  const [measure = "", ...preparation] = words;
  return { word: piece.test(measure) ? "" : measure, size: word as SizeWord, preparation };
}

/** What is known around an amount: words after it, what "oz" means here, what one piece of this very lot weighs. */
type AmountContext = {
  readonly rest?: string;
  readonly ounces?: OunceMeaning | undefined;
  readonly pieceG?: number | undefined;
};

/** "2 of them", "2 pieces", "2 aubergines": pieces of what is at hand, not of a size or a measure. */
const isOfThese = (word: string, facts: MeasuredFacts): boolean =>
  piece.test(word) || isOwnName(singularWord(word), facts);

function piecesOf({ low, high }: Extract<Amount, { kind: "count" }>, eachG: number): Weight {
  const middle = (low + high) / 2;
  return {
    grams: estimate(middle * eachG, low * eachG, high * eachG),
    ...{ weighed: false, form: "as-bought" },
    workings: `${trimmedDecimals(middle, 2)} × ${trimmedDecimals(eachG, 1)} g, as these were counted and weighed`,
  };
}

/**
 * Grams of an amount of one ingredient, with an honest range. A count ("2 bunches") goes through the
 * ingredient's own measure; a volume through its own cup or spoon in that preparation, else its density.
 * Refuses a measure the ingredient does not have (naming those it has), a volume without a density, and an ounce
 * of something pourable until the kitchen has said whether it weighs or pours (`ounces`). `pieceG` is what one piece of
 * this lot weighs, where its pieces were counted: then "2 of them" are two of these.
 */
export function toGrams(
  amount: Amount,
  facts: MeasuredFacts,
  { rest = "", ounces, pieceG }: AmountContext = {},
): Result<Weight, WeightIssue> {
  switch (amount.kind) {
    case "mass":
      return massToGrams(amount, facts, ounces);
    case "volume":
      return volumeToGrams(amount, { ...askOf("", rest), unit: amount.unit }, facts);
    case "count":
      if (pieceG !== undefined && isOfThese(amount.word, facts)) return accept(piecesOf(amount, pieceG));
      return countToGrams(amount, askOf(piece.test(amount.word) ? "" : amount.word, rest), facts);
  }
}

function massToGrams(
  amount: Extract<Amount, { kind: "mass" }>,
  facts: MeasuredFacts,
  ounces: OunceMeaning | undefined,
): Result<Weight, WeightIssue> {
  const asOunces = amount.ounces ?? 0;
  if (asOunces > 0 && isPourable(facts)) {
    if (ounces === undefined)
      return refuse({ code: "ounce-mass-or-fluid", ingredient: facts.id, ounces: asOunces });
    const density = facts.composition?.gramsPerMl ?? 1;
    const ml = asOunces * 29.5735295625;
    if (ounces === "fluid")
      return accept({
        grams: exactly(ml * density),
        weighed: false,
        form: "usable",
        workings: `${trimmedDecimals(asOunces, 2)} fl oz = ${trimmedDecimals(ml, 0)} ml × ${density} g/ml`,
      });
    return accept({
      grams: exactly(asOunces * gramsPerOunce),
      weighed: true,
      form: "usable",
      workings: "weighed, in ounces",
    });
  }
  return accept({ grams: exactly(amount.grams), weighed: true, form: "usable", workings: "weighed" });
}

/** Grams of `count` of a measure; refuses one whose weight is not known. */
export function countToGrams(
  count: { readonly low: number; readonly high: number },
  ask: MeasureAsk,
  facts: MeasuredFacts,
): Result<Weight, WeightIssue> {
  const one = findCounted(ask, facts);
  if (!one) {
    const known = [...new Set(facts.measures.map((m) => m.measure))];
    return refuse({
      code: "measure-unknown",
      word: ask.word.replace(/^each-(?:other$)?/, "") || ask.size,
      known,
    });
  }
  const either = ask.word === "" ? wholeOrPart(count, facts) : undefined;
  if (either) return refuse({ code: "measure-unclear", either });
  const middle = (count.low + count.high) / 2;
  const grams = estimate(one.grams.value * middle, one.grams.low * count.low, one.grams.high * count.high);
  const workings = measuredWorkings(middle, one, grams);
  const isTrimmedPiece = one.row.state === "trimmed" && pieceMeasure.test(one.row.measure);
  return accept({ grams, weighed: false, form: formOfRow(one.row), isTrimmedPiece, workings });
}

/** Grams of a volume through the ingredient's own measure in that preparation, else its density. */
export function volumeToGrams(
  amount: Pick<Extract<Amount, { kind: "volume" }>, "ml" | "count" | "unit">,
  ask: MeasureAsk & { readonly unit: string },
  facts: MeasuredFacts,
): Result<Weight, WeightIssue> {
  const one = findPoured(amount.ml, ask, facts);
  if (one)
    return accept({
      grams: one.grams,
      weighed: false,
      form: formOfRow(one.row),
      workings: `${trimmedDecimals(amount.count, 2)} ${amount.unit} at ${rowWords(one.row)} = ${showEstimate(one.grams)}; ${provenance(one.row)}`,
    });
  const density = facts.composition?.gramsPerMl;
  if (!density) return refuse({ code: "volume-needs-density", ingredient: facts.id });
  const grams = exactly(amount.ml * density);
  const workings = `${trimmedDecimals(amount.ml, 1)} ml × ${density} g/ml (${provenance(facts.composition)})`;
  return accept({ grams, weighed: false, form: "usable", workings });
}

/** "13.5 g a tbsp (12–15 g)", as the table has it; a figure without a spread has no range. */
function rowWords({ measure, grams, low, high }: MeasureRow): string {
  const range = low === high ? "" : ` (${trimmedDecimals(low, 1)}–${trimmedDecimals(high, 1)} g)`;
  return `${trimmedDecimals(grams, 1)} g a ${measure.replaceAll("-", " ")}${range}`;
}

const measuredWorkings = (
  count: number,
  one: { grams: Estimate; row: MeasureRow },
  grams: Estimate,
): string =>
  `${trimmedDecimals(count, 2)} × ${one.row.measure.replaceAll("-", " ")} of ${trimmedDecimals(one.grams.value, 1)} g (${trimmedDecimals(one.grams.low, 1)}–${trimmedDecimals(one.grams.high, 1)}) = ${showEstimate(grams)}; ${provenance(one.row)}`;
