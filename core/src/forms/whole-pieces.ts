import type { IngredientFacts } from "../catalogue/index.ts";

/** Pieces that are cut into whole: nobody presses a third of a lemon. Not bunches or heads of leaves. */
const pieces = ["clove", "each-medium", "ear", "each-large", "each-small"];

/** Grams of one piece as it is bought; a measure of trimmed pieces is read back through the yield. */
function pieceG(facts: Pick<IngredientFacts, "measures">, yielded: number): number | undefined {
  for (const name of pieces) {
    const rows = facts.measures.filter((m) => m.measure === name && m.state !== "prepared");
    const row = rows.find((m) => m.state === "whole") ?? rows[0];
    if (row) return row.state === "whole" ? row.grams : row.grams / yielded;
  }
  return undefined;
}

/**
 * Grams of whole pieces, as bought, that hold at least `wantedG` of them: two lemons, three cloves. Never more than
 * `onHandG`; as asked where the food is not counted in pieces. `yielded` is usable ÷ bought, more than 0.
 */
export function wholePieces(
  wantedG: number,
  onHandG: number,
  { facts, yielded }: { readonly facts: Pick<IngredientFacts, "measures">; readonly yielded: number },
): number {
  const one = pieceG(facts, yielded);
  if (one === undefined) return Math.min(wantedG, onHandG);
  // A few grams over a piece are the difference between two pieces, not another one.
  const count = Math.max(1, Math.ceil(wantedG / one - 0.05));
  return Math.min(Math.max(wantedG, count * one), onHandG);
}
