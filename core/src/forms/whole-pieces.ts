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
  const isPiece = /^(?:pieces?|items?)?$/.test(word) || pieces.includes(measureOf(word, facts));
  return isPiece ? toMilligram(amount.grams / count) : undefined;
}

/** How many pieces are left of a lot whose pieces were counted: to the nearest half, and never none of something. */
export const piecesLeft = (grams: number, eachG: number): number =>
  grams > 0 ? Math.max(0.5, Math.round((2 * grams) / eachG) / 2) : 0;

/** The table's name for what was counted: "large" ones, "cloves", or the thing itself. */
function measureOf(word: string, facts: MeasuredFacts): string {
  const size = word === "small" || word === "medium" || word === "large" ? word : "";
  return findCounted({ word: size ? "" : word, size, preparation: [] }, facts)?.row.measure ?? "";
}

/** Grams of one piece as it is bought; a measure of trimmed pieces is read back through the usual trim. */
function pieceG(facts: Pick<IngredientFacts, "measures" | "trims" | "category">): number | undefined {
  for (const name of pieces) {
    const rows = facts.measures.filter((m) => m.measure === name && m.state !== "prepared");
    const row = rows.find((m) => m.state === "whole") ?? rows[0];
    if (row) return row.state === "whole" ? row.grams : row.grams / (trimOf(facts, null)?.mean ?? 1);
  }
  return undefined;
}

/**
 * Grams of whole pieces, as bought, that hold at least `wantedG` of them: two lemons, three cloves. Never more than
 * `onHandG`; as asked where the food is not counted in pieces. `weighedG` is what one of these pieces weighs, where they
 * were counted.
 */
export function wholePieces(
  wantedG: number,
  onHandG: number,
  of: {
    readonly facts: Pick<IngredientFacts, "measures" | "trims" | "category">;
    readonly weighedG: number | null;
  },
): number {
  const one = of.weighedG ?? pieceG(of.facts);
  if (one === undefined) return Math.min(wantedG, onHandG);
  // A few grams over a piece are the difference between two pieces, not another one.
  const count = Math.max(1, Math.ceil(wantedG / one - 0.05));
  return Math.min(Math.max(wantedG, count * one), onHandG);
}
