import type { Catalogue } from "../catalogue/index.ts";
import { estimate, exactly, product, sum, type Estimate } from "../measure/index.ts";
import { writtenFiller, type Formula, type Line } from "./formula.ts";

type Used = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly grams: number;
  /** It went in cooked already: the line's cooking takes nothing more off it. */
  readonly isCooked?: boolean | undefined;
};

const unchanged = exactly(1);

/** Mass after ÷ before when a line's ingredient is cooked its way; 1 when it is not cooked or no figure exists. */
export function cookingFactor(line: Line, ingredient: string, catalogue: Catalogue): Estimate {
  const change = catalogue.ingredients.get(ingredient)?.changes.find((c) => c.method === line.cook);
  return change ? estimate(change.factor, change.low, change.high) : unchanged;
}

/** Grams of the finished dish: what went in, each line after its own cooking (dry matter is conserved). */
export function batchWeight(used: readonly Used[], lines: readonly Line[], catalogue: Catalogue): Estimate {
  const byId = new Map(lines.map((line) => [line.id, line]));
  return sum(
    used.map((u) => {
      const line = byId.get(u.lineId);
      return product(
        exactly(u.grams),
        line && !u.isCooked ? cookingFactor(line, u.ingredient, catalogue) : unchanged,
      );
    }),
  );
}

/** Grams of one batch made exactly as written, every line by its first filler; sub-recipe lines as they stand. */
export const writtenWeight = (formula: Formula, catalogue: Catalogue): Estimate =>
  batchWeight(
    formula.lines.map((line) => ({
      lineId: line.id,
      ingredient: writtenFiller(line)?.ingredient ?? "",
      grams: line.grams,
    })),
    formula.lines,
    catalogue,
  );
