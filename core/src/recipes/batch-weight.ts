import type { Catalogue } from "../catalogue/index.ts";
import { estimate, exactly, product, sum, type Estimate } from "../measure/index.ts";
import { writtenFiller, type Formula, type Line } from "./formula.ts";
import { partsApart } from "./parts-apart.ts";

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

/** A recipe rounds what it makes: nearer to what goes in than this and nothing boiled away. A judgement. */
const nothingLostShare = 0.95;
/** Less is left of no dish. A judgement: jam and stock boiled down to a third are common practice. */
const leastLeftShare = 0.25;

/** What boils away hangs on the pan and the fire: so much less may be left than the recipe says. A judgement. */
const lessLeftShare = 0.85;

/**
 * What is left of what goes in where the recipe says so ("Makes 2 kg" of 3.6 kg that simmer for hours): a share from 0.25 to 1,
 * at most all of it. A yield in millilitres says nothing of weight, nor of which part of several it boiled away.
 */
export function leftAfterCooking({ makes, lines }: Formula, catalogue: Catalogue): Estimate {
  const goesIn = asWritten(lines, catalogue).value;
  const share = makes?.kind === "mass" && goesIn > 0 ? makes.grams / goesIn : 1;
  if (share > nothingLostShare || partsApart(lines).length > 0) return unchanged;
  const left = Math.max(leastLeftShare, share);
  return estimate(left, left * lessLeftShare, 1);
}

const asWritten = (lines: readonly Line[], catalogue: Catalogue): Estimate =>
  batchWeight(
    lines.map((line) => ({
      lineId: line.id,
      ingredient: writtenFiller(line)?.ingredient ?? "",
      grams: line.grams,
    })),
    lines,
    catalogue,
  );

/** Grams of one batch made exactly as written, every line by its first filler; sub-recipe lines as they stand. */
export const writtenWeight = (formula: Formula, catalogue: Catalogue): Estimate =>
  product(asWritten(formula.lines, catalogue), leftAfterCooking(formula, catalogue));
