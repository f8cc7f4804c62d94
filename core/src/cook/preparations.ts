import type { Catalogue } from "../catalogue/index.ts";
import { formAfter, wholePieces } from "../forms/index.ts";
import { toMilligram } from "../measure/index.ts";
import type { LotOnHand } from "../recipes/index.ts";
import type { MakePart } from "./plan-make.ts";

/** One lot to be trimmed one way: only as much of it as is needed, in grams as it lies. */
export type Preparation = { readonly lotId: string; readonly method: string; readonly rawG: number };

type Needed = Pick<MakePart, "lotId" | "toDo" | "lotG">;

/** Zesting leaves the juice beside it: one lemon gives both, so it is zested and pressed once. */
function withZest(needed: readonly Preparation[]): Preparation[] {
  const zest = needed.find((one) => formAfter(one.method) === "zest");
  const juice = needed.find((one) => formAfter(one.method) === "juice");
  if (!zest || !juice) return [...needed];
  const both = { ...zest, rawG: Math.max(zest.rawG, juice.rawG) };
  return [both, ...needed.filter((one) => one !== zest && one !== juice)];
}

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
      ...{ lotId: lot.lotId, method },
      rawG: mine.filter((part) => part.toDo === method).reduce((total, part) => total + part.lotG, 0),
    }));
    const facts = catalogue.ingredients.get(lot.ingredient);
    let left = lot.grams;
    return withZest(needed).flatMap((one) => {
      const yielded = lot.yields[one.method];
      const pieces = facts && yielded ? wholePieces(one.rawG, left, { facts, yielded }) : one.rawG;
      const rawG = toMilligram(Math.min(pieces, left));
      left = toMilligram(left - rawG);
      return rawG > 0 ? [{ ...one, rawG }] : [];
    });
  });
}
