import {
  ingredientAfter,
  readLine,
  type IngredientFacts,
  type LineReader,
  type LineReading,
} from "../catalogue/index.ts";
import { fillerOf, type Formula, type Line } from "./formula.ts";
import { usableAmount } from "./line-amount.ts";

/** As far apart as two roundings of one weight may be. */
const alike = 0.02;

/** A line from before amounts had a form: what says the form may be missing altogether. */
type OlderLine = Omit<Line, "asBoughtG" | "cookedG"> & {
  readonly asBoughtG?: number | null;
  readonly cookedG?: number | null;
};
export type OlderFormula = Omit<Formula, "lines"> & { readonly lines: readonly OlderLine[] };

/** The words that were kept of an amount: of the amount alone ("2 bunches"), or of the whole line. */
function readWords(line: OlderLine, facts: IngredientFacts, reader: LineReader): LineReading {
  const whole = readLine(line.amountText, reader);
  return whole.grams ? whole : readLine(`${line.amountText} ${facts.uk}`, reader);
}

function reread(line: OlderLine, reader: LineReader): Line {
  const kept: Line = { ...line, asBoughtG: line.asBoughtG ?? null, cookedG: line.cookedG ?? null };
  const [written, ...others] = line.fillers;
  const facts = written && reader.facts(written.ingredient);
  if (kept.asBoughtG !== null || kept.cookedG !== null || !facts || line.amountText === "") return kept;
  const reading = readWords(line, facts, reader);
  const { grams, ingredient } = reading;
  if (!grams || ingredient.kind !== "one" || Math.abs(grams.value / line.grams - 1) > alike) return kept;
  // "juice of 1 lemon" was kept as a lemon's juice; it is lemon juice.
  if (ingredient.id !== facts.id)
    return ingredient.id === ingredientAfter(facts.id, "squeeze")
      ? { ...kept, trim: null, fillers: [fillerOf(ingredient.id), ...others] }
      : kept;
  const words = `${line.preparation} ${line.amountText}`;
  const amount = usableAmount({ ...reading, grams }, facts, { trim: line.trim, words });
  if (amount.asBoughtG === null && amount.cookedG === null) return kept;
  const share = amount.grams / line.grams;
  const range = line.range && { low: line.range.low * share, high: line.range.high * share };
  const { asBoughtG, cookedG } = amount;
  return { ...kept, grams: amount.grams, asBoughtG, cookedG, cook: amount.cook ?? kept.cook, range };
}

/** An amount whose words and grams do not go together: the words count `bought` grams of pieces or cooked food. */
export type UnclearAmount = {
  readonly line: string;
  readonly ingredient: string;
  readonly text: string;
  readonly grams: number;
  /** What the words give, as they are bought or cooked, and what of that goes in. */
  readonly wordsG: number;
  readonly usableG: number;
};

/**
 * Lines that came from before amounts had a form and were changed since: their words count whole pieces or cooked food,
 * and their grams are neither what those weigh nor what is left of them. Only the cook knows which they are.
 */
export const unclearAmounts = (formula: Formula, reader: LineReader): UnclearAmount[] =>
  formula.lines.flatMap((line) => {
    const ingredient = line.fillers[0]?.ingredient ?? "";
    const facts = reader.facts(ingredient);
    if (!facts || line.amountText === "" || line.asBoughtG !== null || line.cookedG !== null) return [];
    const reading = readWords(line, facts, reader);
    const { grams } = reading;
    if (!grams || reading.ingredient.kind !== "one" || reading.ingredient.id !== ingredient) return [];
    const words = `${line.preparation} ${line.amountText}`;
    const amount = usableAmount({ ...reading, grams }, facts, { trim: line.trim, words });
    const wordsG = amount.asBoughtG ?? amount.cookedG;
    const fits = [grams.value, amount.grams].some((one) => Math.abs(one / line.grams - 1) <= alike);
    if (wordsG === null || fits) return [];
    const { id, amountText: text } = line;
    return [{ line: id, ingredient, text, grams: line.grams, wordsG, usableG: amount.grams }];
  });

/**
 * A formula kept before amounts had a form, read again from the words that were kept: lines that count whole pieces get
 * the usable grams that are left of them, lines of cooked grain the dry grams that give it. An amount that was changed
 * since it was written stays as it is.
 */
export const withRereadAmounts = (formula: OlderFormula, reader: LineReader): Formula => ({
  ...formula,
  lines: formula.lines.map((line) => reread(line, reader)),
});
