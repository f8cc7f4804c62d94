import type { Catalogue } from "../catalogue/index.ts";
import { dressingFor, type DressingRate } from "../dressing/index.ts";
import type { Estimate } from "../measure/index.ts";
import { writtenFiller, type Formula, type Line, type Role } from "../recipes/index.ts";
import { rateFor } from "./dressing-rate-for.ts";

/** Salt put in by hand, as against the salt that other things carry. */
const isHandSalt = (line: Line, catalogue: Catalogue): boolean =>
  catalogue.ingredients.get(writtenFiller(line)?.ingredient ?? "")?.group === "salt";

const poured: readonly Role[] = ["oil", "acid", "sweet"];

/** What dresses the rest: oil, acid and sweet, and whatever another recipe makes. */
const isDressing = (line: Line): boolean => line.recipe !== null || poured.includes(line.role);

export type DressedByWeight = {
  /** What is to be dressed, grams. */
  readonly leavesG: number;
  readonly needed: Estimate;
  /** What the formula pours. */
  readonly inFormulaG: number;
  readonly rate: DressingRate;
};

const gramsOf = (lines: readonly Line[]): number => lines.reduce((total, line) => total + line.grams, 0);

/**
 * How much dressing the dish takes by the weight of the rest, beside what its formula pours. `own` gives this kitchen's
 * own rates for a kind of salad. Undefined of what is not dressed.
 */
export function dressByWeight(
  formula: Formula,
  catalogue: Catalogue,
  own: (group: string) => readonly number[],
): DressedByWeight | undefined {
  const rate = rateFor(formula, catalogue);
  if (!rate) return undefined;
  const rest = formula.lines.filter((line) => !isDressing(line) && !isHandSalt(line, catalogue));
  const leavesG = gramsOf(rest);
  return {
    leavesG,
    needed: dressingFor(leavesG, rate, own(rate.group)),
    inFormulaG: gramsOf(formula.lines.filter(isDressing)),
    rate,
  };
}

/** The salt a formula asks the hand for, and the lines that carry the rest. */
export function bySaltAndRest(
  formula: Formula,
  catalogue: Catalogue,
): { readonly handG: number; readonly rest: readonly Line[] } {
  const hand = formula.lines.filter((line) => isHandSalt(line, catalogue));
  return { handG: gramsOf(hand), rest: formula.lines.filter((line) => !hand.includes(line)) };
}

/** Grams that go on trays together: everything that is roasted. */
export const roastedG = (formula: Formula): number =>
  gramsOf(formula.lines.filter((line) => line.cook?.startsWith("roast")));
