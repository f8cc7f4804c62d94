import pluralize from "pluralize";
import { findCounted, type IngredientFacts, type MeasuredFacts } from "../catalogue/index.ts";
import { toMilligram, type Amount } from "../measure/index.ts";
import { trimOf } from "./as-bought.ts";

/** Pieces that are cut into whole: nobody presses a third of a lemon. Not bunches or heads of leaves. */
const pieces = ["clove", "each-medium", "ear", "each-large", "each-small"];

/**
 * Grams of one piece of an amount that was counted and weighed: of "4, 2.0 kg" each is 500 g. Undefined of what was only
 * weighed or only counted, and of bunches and handfuls, which are no pieces.
 */
export function weighedPieceG(amount: Amount, facts: MeasuredFacts): number | undefined {
  if (amount.kind !== "mass" || !amount.pieces) return undefined;
  const { count, word } = amount.pieces;
  return isPiece(word, facts) ? toMilligram(amount.grams / count) : undefined;
}

/** Does a word that is counted mean single pieces of a food: "4", "4 large", "3 cloves", and not bunches or heads? */
export const isPiece = (word: string, facts: MeasuredFacts): boolean =>
  /^(?:pieces?|items?)?$/.test(word) || pieces.includes(measureOf(word, facts));

/** How many pieces are left of a lot whose pieces were counted: to the nearest half, and never none of something. */
export const piecesLeft = (grams: number, eachG: number): number =>
  grams > 0 ? Math.max(0.5, Math.round((2 * grams) / eachG) / 2) : 0;

/** The table's name for what was counted: "large" ones, "cloves", or the thing itself. */
function measureOf(word: string, facts: MeasuredFacts): string {
  const size = word === "small" || word === "medium" || word === "large" ? word : "";
  return findCounted({ word: size ? "" : word, size, preparation: [] }, facts)?.row.measure ?? "";
}

type PieceFacts = Pick<IngredientFacts, "measures" | "trims" | "category">;

/** One piece as it is bought, grams; a measure of trimmed pieces is read back through the usual trim. */
function pieceOf(facts: PieceFacts): { readonly measure: string; readonly grams: number } | undefined {
  for (const measure of pieces) {
    const rows = facts.measures.filter((m) => m.measure === measure && m.state !== "prepared");
    const row = rows.find((m) => m.state === "whole") ?? rows[0];
    if (row)
      return {
        measure,
        grams: row.state === "whole" ? row.grams : row.grams / (trimOf(facts, null)?.mean ?? 1),
      };
  }
  return undefined;
}

/** What may say what a piece of a food weighs, the surest first. */
export type PieceWeights = {
  /** Grams of each, where this kitchen counted and weighed these very pieces. */
  readonly weighedG: number | null;
  /** Grams of each by the recipe that asks for them: "4 big tomatoes, 800 g". */
  readonly saidG?: number | null;
  readonly facts: PieceFacts;
};

const pieceWeight = ({ weighedG, saidG, facts }: PieceWeights): number | undefined =>
  weighedG ?? saidG ?? pieceOf(facts)?.grams;

/** How many whole pieces hold `wantedG`. A few grams over a piece are the difference between two pieces, not another one. */
const countFor = (wantedG: number, oneG: number): number => Math.max(1, Math.ceil(wantedG / oneG - 0.05));

/**
 * Grams of whole pieces, as bought, that hold at least `wantedG` of them: two lemons, three cloves. Never more than
 * `onHandG`; as asked where the food is not counted in pieces.
 */
export function wholePieces(wantedG: number, onHandG: number, of: PieceWeights): number {
  const one = pieceWeight(of);
  if (one === undefined) return Math.min(wantedG, onHandG);
  return Math.min(Math.max(wantedG, countFor(wantedG, one) * one), onHandG);
}

/** Pieces as a cook counts them: `count` of `name`; whether these very ones were counted and weighed, or a table says it. */
export type PiecesToTake = {
  readonly count: number;
  readonly name: string;
  readonly grams: number;
  readonly isWeighed: boolean;
};

/** More of them nobody counts: they are weighed, and of cloves it is half a head. A judgement. */
const mostCounted = { clove: 6, ear: 20, other: 20 } as const;

/**
 * The whole pieces of a lot that hold `wantedG` of it as bought: "2 aubergines", "3 cloves of garlic", with what they weigh.
 * Null where food comes in no pieces, or in so many that they are weighed.
 */
export function piecesToTake(
  wantedG: number,
  onHandG: number,
  of: PieceWeights & { readonly name: string },
): PiecesToTake | null {
  const one = pieceWeight(of);
  if (one === undefined) return null;
  const count = countFor(wantedG, one);
  const measure = pieceOf(of.facts)?.measure;
  const part = of.weighedG === null && (measure === "clove" || measure === "ear") ? measure : "other";
  if (count > mostCounted[part]) return null;
  const [head = "", ...rest] = of.name.split(/(?= (?:in|of|with|from) )/);
  return {
    count,
    name:
      part === "other"
        ? [pluralize(head, count), ...rest].join("")
        : `${pluralize(part, count)} of ${of.name}`,
    grams: wholePieces(wantedG, onHandG, of),
    isWeighed: of.weighedG !== null,
  };
}
