import { looksLikeUnit, splitNumberAndWord } from "./split-number.ts";
import { normaliseLine } from "./normalise-line.ts";
import { accept, refuse, type Result } from "./result.ts";
import { findUnit, heaviestEntryG, lightestEntryG, unitsFor, type CupSystem, type Unit } from "./units.ts";

/** Pieces that were counted and then weighed together: "4 large, 2 kg". The word is empty where none was said. */
export type CountedPieces = { readonly count: number; readonly word: string };

/**
 * What was typed, before it is known which ingredient it is of. `ounces` stands beside the grams when plain ounces
 * were typed: of something pourable they may be fluid ones. `pieces` stands beside them when they were counted too.
 */
export type Amount =
  | {
      readonly kind: "mass";
      readonly grams: number;
      readonly ounces?: number;
      readonly pieces?: CountedPieces;
    }
  | { readonly kind: "volume"; readonly ml: number; readonly unit: string; readonly count: number }
  | { readonly kind: "count"; readonly low: number; readonly high: number; readonly word: string };

export type AmountIssue =
  | { readonly code: "amount-empty" }
  | { readonly code: "amount-not-understood"; readonly text: string }
  | { readonly code: "amount-not-positive"; readonly text: string }
  | { readonly code: "amount-too-large"; readonly grams: number; readonly atMostG: number }
  | { readonly code: "unit-unknown"; readonly unit: string };

export type AmountReading = { readonly amount: Amount; readonly rest: string };

type Piece = { readonly low: number; readonly high: number; readonly word: string };

const plain = (text: string): string => normaliseLine(text).replace(/fl oz/gi, "floz");

/**
 * Reads "430", "1 lb 4 oz", "0,43 kg", "½ cup", "1–2 bunches", "a handful of mint", "4, 2.0 kg", "4 (500 g each)".
 * A bare number is grams, as read off the scale. What follows the amount comes back as `rest`.
 * Refuses nothing typed, a number of zero or less, an unknown unit when nothing else explains it,
 * and more than a quarter of a tonne.
 */
export function parseAmount(text: string, cup: CupSystem): Result<AmountReading, AmountIssue> {
  if (/^\s*[-−–]\s*[\d.½¼¾]/.test(text)) return refuse({ code: "amount-not-positive", text });
  const written = plain(text);
  if (written === "") return refuse({ code: "amount-empty" });
  const first = splitNumberAndWord(written);
  // "1 500 g" may be one and a half kilos or a pack of 500 g; "1e3" is how no cook writes.
  const isTwoNumbers = first?.word === "" && first.rest !== "";
  if (!first || isTwoNumbers || /^[\d.]+e[+-]?\d/i.test(written))
    return refuse({ code: "amount-not-understood", text });
  if (!(first.low > 0) || first.high < first.low) return refuse({ code: "amount-not-positive", text });
  return readPieces(first, unitsFor(cup));
}

function readPieces(
  first: Piece & { rest: string },
  units: readonly Unit[],
): Result<AmountReading, AmountIssue> {
  const unit = first.word === "" ? undefined : findUnit(first.word, units);
  if (first.word === "") return weighed((first.low + first.high) / 2, "");
  if (!unit) return countedAndWeighed(first, units) ?? countOf(first);
  const middle = (first.low + first.high) / 2;
  if (unit.kind === "volume") return poured(middle, unit, first.rest);
  const next = splitNumberAndWord(first.rest);
  const smaller = next && looksLikeUnit(next.word) ? findUnit(next.word, units) : undefined;
  const follows = next && smaller?.kind === "mass" && smaller.factor < unit.factor;
  return follows
    ? weighed(middle * unit.factor + next.low * smaller.factor, next.rest)
    : weighed(middle * unit.factor, first.rest, unit.id === "oz" ? middle : undefined);
}

function weighed(grams: number, rest: string, ounces?: number): Result<AmountReading, AmountIssue> {
  if (grams < lightestEntryG) return refuse({ code: "amount-not-positive", text: String(grams) });
  if (grams > heaviestEntryG) return refuse({ code: "amount-too-large", grams, atMostG: heaviestEntryG });
  const amount = { kind: "mass" as const, grams, ...(ounces === undefined ? {} : { ounces }) };
  return accept({ amount, rest: withoutOf(rest) });
}

function poured(count: number, unit: Unit, rest: string): Result<AmountReading, AmountIssue> {
  const ml = count * unit.factor;
  return ml > heaviestEntryG
    ? refuse({ code: "amount-too-large", grams: ml, atMostG: heaviestEntryG })
    : accept({ amount: { kind: "volume", ml, unit: unit.id, count }, rest: withoutOf(rest) });
}

const mostPieces = 2000;

/** A count and what they weigh, together or each: "4, 2 kg", "4 large (500 g each)", "3 bunches 450 g". */
const countThenWeight =
  /^([a-z][a-z -]*?)?(?: ?[,;:=(] ?| (?=\d))(?:(?:about|together|weighing|in all) )*([\d.¼½¾⅓⅔].*?)(?: (each|apiece|together|in all|in total|total))?\)?$/iu;

function countedAndWeighed(
  { low, high, word, rest }: Piece & { rest: string },
  units: readonly Unit[],
): Result<AmountReading, AmountIssue> | undefined {
  const [, said = "", weight = "", share = ""] = countThenWeight.exec(`${word} ${rest}`.trim()) ?? [];
  const pieces = splitNumberAndWord(weight);
  const read = pieces && pieces.word !== "" ? readPieces(pieces, units) : undefined;
  if (!read?.ok || read.value.amount.kind !== "mass" || read.value.rest !== "") return undefined;
  const count = (low + high) / 2;
  if (count > mostPieces) return refuse({ code: "unit-unknown", unit: said });
  const isEach = /^(?:each|apiece)$/i.test(share);
  const all = weighed(read.value.amount.grams * (isEach ? count : 1), "");
  if (!all.ok || all.value.amount.kind !== "mass") return all;
  const amount = { ...all.value.amount, pieces: { count, word: said.toLowerCase().trim() } };
  return accept({ amount, rest: "" });
}

function countOf(piece: Piece & { rest: string }): Result<AmountReading, AmountIssue> {
  if (piece.high > mostPieces) return refuse({ code: "unit-unknown", unit: piece.word });
  const { low, high, word, rest } = piece;
  return accept({ amount: { kind: "count", low, high, word: word.toLowerCase() }, rest: withoutOf(rest) });
}

const withoutOf = (rest: string): string => rest.trim().replace(/^of /i, "");
