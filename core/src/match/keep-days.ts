import { keepingRule, type Catalogue } from "../catalogue/index.ts";
import { hazardsOf, type Used } from "../larder/index.ts";
import type { Filling, Formula, LotOnHand, TopUp } from "../recipes/index.ts";

/** A lot with its safety clock: days left of an ingredient already cut, null where only quality limits it. */
export type MatchStock = LotOnHand & { readonly safeDays: number | null };

/** Days that a dish keeps at most, whatever goes in: its own rule. */
export const ruleDays = (formula: Formula, catalogue: Catalogue): number => {
  const { fridge } = formula.keeping;
  const rule = fridge === null ? undefined : keepingRule(catalogue, fridge, "fridge");
  return Math.floor(rule?.cautiousDays ?? 0);
};

const uncookedLines = (formula: Formula): Set<string> =>
  new Set(formula.lines.filter((line) => line.cook === null).map((line) => line.id));

/** What many lots bring to one line, as one. */
function together(used: readonly Used[]): Used[] {
  const sums = new Map<string, Used>();
  for (const one of used) {
    const key = `${one.lineId} ${one.ingredient}`;
    sums.set(key, { ...one, grams: one.grams + (sums.get(key)?.grams ?? 0) });
  }
  return [...sums.values()];
}

/**
 * Days after today that a dish of these fillings may be eaten: its own rule, the shortest clock that goes in uncooked, or
 * what its components allow.
 */
export function keepDaysOf(
  formula: Formula,
  made: {
    readonly fillings: readonly Filling[];
    readonly topUps: readonly TopUp[];
    readonly stock: readonly MatchStock[];
  },
  catalogue: Catalogue,
): number {
  const uncooked = uncookedLines(formula);
  const clocks = made.fillings
    .filter((f) => uncooked.has(f.lineId))
    .map((f) => made.stock.find((s) => s.lotId === f.lotId)?.safeDays ?? Infinity);
  const [shortest] = hazardsOf(formula, together([...made.fillings, ...made.topUps]), catalogue);
  return Math.min(ruleDays(formula, catalogue), shortest?.days ?? Infinity, ...clocks);
}

/** The stock less what would shorten the dish's own keeping. */
export const withoutShortDated = (
  formula: Formula,
  stock: readonly MatchStock[],
  catalogue: Catalogue,
): MatchStock[] => stock.filter((s) => s.safeDays === null || s.safeDays >= ruleDays(formula, catalogue));
