import type { Catalogue } from "../catalogue/index.ts";
import { doneTogether, gramsTaken, keptBeside, wholePieces } from "../forms/index.ts";
import { toMilligram } from "../measure/index.ts";
import type { LotOnHand } from "../recipes/index.ts";
import type { MakePart } from "./plan-make.ts";

/** One lot to be trimmed one way: only as much of it as is needed, in grams as it lies. */
export type Preparation = {
  readonly lotId: string;
  readonly method: string;
  readonly rawG: number;
  /** What comes off beside the usable part and is needed too: the juice of a lemon that is zested. */
  readonly keep: readonly string[];
};

type Needed = Pick<MakePart, "lotId" | "toDo" | "part" | "lotG"> & Partial<Pick<MakePart, "pieceG">>;

/** What a piece of a lot weighs by the lines that it goes into: the first that counts its pieces. */
export const saidIn = (parts: readonly Needed[]): number | null =>
  parts.find(({ pieceG }) => pieceG != null)?.pieceG ?? null;

/**
 * What has to be trimmed before a dish can be made, and no more than that: two of six lemons, three cloves. Whole pieces
 * where the food comes in them; never more than a lot holds.
 */
export function preparationsFor(
  parts: readonly Needed[],
  lots: readonly LotOnHand[],
  catalogue: Catalogue,
): Preparation[] {
  return lots.flatMap((lot) => {
    const mine = parts.filter((part) => part.lotId === lot.lotId && part.toDo !== null);
    const methods = [...new Set(mine.flatMap((part) => part.toDo ?? []))];
    const needed = methods.map((method) => ({
      ...{ lotId: lot.lotId, method, keep: keptBeside(method, mine) },
      rawG: gramsTaken(mine.filter((part) => part.toDo === method)),
    }));
    const facts = catalogue.ingredients.get(lot.ingredient);
    let left = lot.grams;
    return doneTogether(needed).flatMap((one) => {
      const pieces =
        facts && lot.yields[one.method]
          ? wholePieces(one.rawG, left, { facts, weighedG: lot.pieceG ?? null, saidG: saidIn(mine) })
          : one.rawG;
      const rawG = toMilligram(Math.min(pieces, left));
      left = toMilligram(left - rawG);
      return rawG > 0 ? [{ ...one, rawG }] : [];
    });
  });
}
