import { findCounted, type MeasuredFacts } from "./find-measure.ts";

/** A number without a unit that may count pieces or be grams off the scale, and each of the two said in full. */
export type BareNumber = {
  readonly pieces: string;
  readonly grams: string;
  readonly likelier: "pieces" | "grams";
};

/** Up to a dozen of anything is counted as readily as weighed; more, only of what is heavier than the number says. */
const readilyCounted = 12;
/** More than this is no small number: it is what a scale shows. Both: common practice, no source. */
const mostCounted = 24;

/** What is known of the very lot that an amount is taken from: what one piece of it weighs, and what it holds, grams. */
export type LotAtHand = { readonly pieceG?: number | undefined; readonly holdsG?: number | undefined };

/** The least that one of it weighs in grams; undefined where it is not counted. */
const lightestPieceG = (facts: MeasuredFacts, pieceG: number | undefined): number | undefined =>
  pieceG ?? findCounted({ word: "", size: "", preparation: [] }, facts)?.grams.low;

const bare = /^\d+(?:[.,]5)?$/;

/** Is it a number and nothing else, so that it takes the food's figures to know what it may mean? */
export const isBare = (text: string): boolean => bare.test(text.trim());

/**
 * Whether "2" may mean two of them as well as two grams; undefined where only one can be meant: the food is not counted,
 * or the number is none that anyone counts, or the lot does not hold so many. Pieces are likelier where so few grams are
 * less than one of them.
 */
export function bareNumber(
  text: string,
  facts: MeasuredFacts,
  { pieceG, holdsG }: LotAtHand = {},
): BareNumber | undefined {
  const number = bare.exec(text.trim())?.[0];
  const count = Number(number?.replace(",", "."));
  if (number === undefined || count === 0 || count > mostCounted) return undefined;
  const lightest = lightestPieceG(facts, pieceG);
  if (lightest === undefined || count * lightest > (holdsG ?? Infinity)) return undefined;
  const isLessThanOne = count < lightest;
  if (count > readilyCounted && !isLessThanOne) return undefined;
  return {
    pieces: `${number} ${count === 1 ? "piece" : "pieces"}`,
    grams: `${number} g`,
    likelier: isLessThanOne ? "pieces" : "grams",
  };
}
