import { readLine, type LineReader } from "../catalogue/index.ts";
import type { Formula, Line } from "./formula.ts";
import { usableAmount } from "./line-amount.ts";

/** As far apart as two roundings of one weight may be. */
const alike = 0.02;

/** A line from before amounts had a form. Its `asBoughtG` may be missing altogether. */
type OlderLine = Omit<Line, "asBoughtG"> & { readonly asBoughtG?: number | null };
export type OlderFormula = Omit<Formula, "lines"> & { readonly lines: readonly OlderLine[] };

function reread(line: OlderLine, reader: LineReader): Line {
  const kept: Line = { ...line, asBoughtG: line.asBoughtG ?? null };
  const [written] = line.fillers;
  const facts = written && reader.facts(written.ingredient);
  if (kept.asBoughtG !== null || !facts || line.amountText === "") return kept;
  // The words may be of the amount alone ("2 bunches") or of the whole line.
  const whole = readLine(line.amountText, reader);
  const reading = whole.grams ? whole : readLine(`${line.amountText} ${facts.uk}`, reader);
  const { grams } = reading;
  const isSame = reading.ingredient.kind === "one" && reading.ingredient.id === facts.id;
  if (!grams || !isSame || Math.abs(grams.value / line.grams - 1) > alike) return kept;
  const words = `${line.preparation} ${line.amountText}`;
  const amount = usableAmount({ ...reading, grams }, facts, { trim: line.trim, words });
  if (amount.asBoughtG === null) return kept;
  const share = amount.grams / line.grams;
  const range = line.range && { low: line.range.low * share, high: line.range.high * share };
  return { ...kept, grams: amount.grams, asBoughtG: amount.asBoughtG, range };
}

/**
 * A formula kept before amounts had a form: lines whose words count whole pieces, and whose grams are those pieces as
 * bought, get the usable grams that are left of them. An amount that was changed since it was written stays as it is.
 */
export const withPiecesAsBought = (formula: OlderFormula, reader: LineReader): Formula => ({
  ...formula,
  lines: formula.lines.map((line) => reread(line, reader)),
});
