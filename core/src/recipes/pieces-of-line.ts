import type { IngredientFacts } from "../catalogue/index.ts";
import { isPiece, piecesToTake, type PiecesToTake } from "../forms/index.ts";
import { splitLine } from "../measure/index.ts";
import type { Line } from "./formula.ts";

type Counted = Pick<Line, "asBoughtG" | "amountText">;

/**
 * What one piece of a line weighs as bought, grams, by its own count: of "4 leeks", 808 g, each is 202 g. Null where it
 * counts no pieces, or says from how many to how many.
 */
export function pieceOfLine(
  { asBoughtG, amountText }: Counted,
  facts: IngredientFacts | undefined,
): number | null {
  if (asBoughtG === null || !facts) return null;
  const { count, unit, word, size } = splitLine(amountText, "metric");
  const isCounted = count !== null && count.low === count.high && count.low > 0 && unit === null;
  return isCounted && isPiece(word || (size ?? ""), facts) ? asBoughtG / count.low : null;
}

/** What a line counts, for so many batches: "4 leeks" of two are eight, with what they weigh. Null where it counts nothing. */
export function piecesOfLine(
  line: Counted,
  batches: number,
  { facts, name }: { readonly facts: IngredientFacts | undefined; readonly name: string },
): PiecesToTake | null {
  const saidG = pieceOfLine(line, facts);
  if (line.asBoughtG === null || saidG === null || !facts) return null;
  return piecesToTake(line.asBoughtG * batches, Infinity, { facts, weighedG: null, saidG, name });
}
