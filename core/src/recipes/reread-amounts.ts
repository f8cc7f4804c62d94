import {
  ingredientAfter,
  readLine,
  type IngredientFacts,
  type LineReader,
  type LineReading,
} from "../catalogue/index.ts";
import { fillerOf, type Formula, type Line } from "./formula.ts";
import { usableAmount, type UsableAmount } from "./line-amount.ts";

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

/** What a line whose amount has no form was written as, read again; nothing for one that has, or where no amount is read. */
function readAgain(line: OlderLine, reader: LineReader) {
  const facts = reader.facts(line.fillers[0]?.ingredient ?? "");
  const hasForm = typeof line.asBoughtG === "number" || typeof line.cookedG === "number";
  if (!facts || hasForm || line.amountText === "") return undefined;
  const reading = readWords(line, facts, reader);
  const { grams, ingredient } = reading;
  if (!grams || ingredient.kind !== "one") return undefined;
  const words = `${line.preparation} ${line.amountText}`;
  const usable = (): UsableAmount => usableAmount({ ...reading, grams }, facts, { trim: line.trim, words });
  return { facts, writtenG: grams.value, found: ingredient.id, usable };
}

const isAlike = (grams: number, line: OlderLine): boolean => Math.abs(grams / line.grams - 1) <= alike;

function reread(line: OlderLine, reader: LineReader): Line {
  const kept: Line = { ...line, asBoughtG: line.asBoughtG ?? null, cookedG: line.cookedG ?? null };
  const again = readAgain(line, reader);
  if (!again || !isAlike(again.writtenG, line)) return kept;
  const { facts, found } = again;
  // "juice of 1 lemon" was kept as a lemon's juice; it is lemon juice.
  if (found !== facts.id)
    return found === ingredientAfter(facts.id, "squeeze")
      ? { ...kept, trim: null, fillers: [fillerOf(found), ...line.fillers.slice(1)] }
      : kept;
  const { grams, asBoughtG, cookedG, cook } = again.usable();
  if (asBoughtG === null && cookedG === null) return kept;
  const share = grams / line.grams;
  const range = line.range && { low: line.range.low * share, high: line.range.high * share };
  return { ...kept, grams, asBoughtG, cookedG, cook: cook ?? kept.cook, range };
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
    const again = readAgain(line, reader);
    if (!again || again.found !== again.facts.id) return [];
    const amount = again.usable();
    const wordsG = amount.asBoughtG ?? amount.cookedG;
    if (wordsG === null || isAlike(again.writtenG, line) || isAlike(amount.grams, line)) return [];
    const { id, amountText: text, grams } = line;
    return [{ line: id, ingredient: again.found, text, grams, wordsG, usableG: amount.grams }];
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
