import type { Catalogue, IngredientFacts } from "../catalogue/index.ts";
import { accept, refuse, type Result } from "../measure/index.ts";
import { convert } from "./conversion.ts";
import type { Formula, Line } from "./formula.ts";
import { isStrong } from "./slots.ts";

type LineIssue =
  | { readonly code: "ingredient-unknown"; readonly ingredient: string }
  | { readonly code: "amount-not-positive" }
  | { readonly code: "never-raw"; readonly ingredient: string }
  | { readonly code: "filled-twice"; readonly ingredient: string }
  | { readonly code: "slot-cannot-be-filled"; readonly atMost: number }
  | { readonly code: "floors-over-line"; readonly atLeast: number }
  | { readonly code: "range-out-of-order" }
  | { readonly code: "too-many-fillers"; readonly atMost: number }
  | { readonly code: "line-says-nothing" }
  | { readonly code: "line-said-twice" }
  | { readonly code: "conversion-unknown"; readonly ingredient: string; readonly convertBy: string };
/** What is wrong with a formula, and where: `line` counts from 0. */
export type FormulaIssue = LineIssue & { readonly line: number };

type Facts = readonly IngredientFacts[];
type Validator = (line: Line, facts: Facts) => LineIssue | undefined;

/** Foods that may stand for each other, over all lines of a recipe: what it costs to find the best of them grows with their number. */
const mostFillers = 360;

const shareEpsilon = 1e-9;

const validators: readonly Validator[] = [
  (line) => (line.grams > 0 && Number.isFinite(line.grams) ? undefined : { code: "amount-not-positive" }),
  (line) => {
    const { range, grams } = line;
    const fits = !range || (range.low > 0 && range.low <= grams && grams <= range.high);
    return fits ? undefined : { code: "range-out-of-order" };
  },
  (line) => ((line.recipe === null) === line.fillers.length > 0 ? undefined : { code: "line-says-nothing" }),
  (line, facts) => {
    const raw = line.eatenRaw ? facts.find((f) => f.raw === "no") : undefined;
    return raw && { code: "never-raw", ingredient: raw.id };
  },
  (_line, facts) => {
    const twice = facts.find((f, i) => facts.findIndex((other) => other.id === f.id) < i);
    return twice && { code: "filled-twice", ingredient: twice.id };
  },
  slotIssue,
  conversionIssue,
];

/** Caps that together leave part of the line empty, or floors that together ask for more than all of it. */
function slotIssue(line: Line, facts: Facts): LineIssue | undefined {
  if (line.recipe !== null) return undefined;
  const strong = line.fillers.filter((_, i) => facts[i] && isStrong(facts[i]));
  const mild = line.fillers.filter((f) => !strong.includes(f));
  const caps = (fillers: Line["fillers"]): number => fillers.reduce((total, f) => total + f.maxShare, 0);
  const floors = (fillers: Line["fillers"]): number => fillers.reduce((total, f) => total + f.minShare, 0);
  const atMost = Math.min(caps(strong), line.maxStrongHerbShare) + caps(mild);
  if (atMost < 1 - shareEpsilon) return { code: "slot-cannot-be-filled", atMost };
  const atLeast = floors(line.fillers);
  const over = atLeast > 1 + shareEpsilon || floors(strong) > line.maxStrongHerbShare + shareEpsilon;
  const crossed = line.fillers.some((f) => f.minShare > f.maxShare + shareEpsilon);
  return over || crossed ? { code: "floors-over-line", atLeast } : undefined;
}

function conversionIssue(line: Line, facts: Facts): LineIssue | undefined {
  const [written] = facts;
  for (const [i, filler] of line.fillers.entries()) {
    const mine = facts[i];
    const converted = written && mine && convert(filler.convertBy, written, mine);
    if (converted && !converted.ok) return converted.issue;
  }
  return undefined;
}

/**
 * Checks a formula before it is kept: every ingredient known, every slot fillable under its caps and floors, every
 * conversion possible, nothing raw that never is. The first issue found is the answer.
 */
export function validateFormula(formula: Formula, catalogue: Catalogue): Result<Formula, FormulaIssue> {
  const issueAt = (line: number, issue: LineIssue): Result<Formula, FormulaIssue> =>
    refuse({ ...issue, line });
  let fillers = 0;
  for (const [index, line] of formula.lines.entries()) {
    fillers += line.fillers.length;
    if (fillers > mostFillers) return issueAt(index, { code: "too-many-fillers", atMost: mostFillers });
    if (formula.lines.findIndex((other) => other.id === line.id) < index)
      return issueAt(index, { code: "line-said-twice" });
    const unknown = line.fillers.find((f) => !catalogue.ingredients.has(f.ingredient));
    if (unknown) return issueAt(index, { code: "ingredient-unknown", ingredient: unknown.ingredient });
    const facts = line.fillers.flatMap((f) => catalogue.ingredients.get(f.ingredient) ?? []);
    const issue = validators.map((validator) => validator(line, facts)).find((found) => found !== undefined);
    if (issue) return issueAt(index, issue);
  }
  return accept(formula);
}
