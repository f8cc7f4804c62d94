import { keepingRule, type Catalogue } from "../catalogue/index.ts";
import type { Demand, Diners, Formula, Stock } from "../recipes/index.ts";
import { cannotBeMade, demandsOf } from "./demands.ts";
import { eatable, type Eatable, type Household, type Waiting } from "./eatable.ts";
import { evaluate, type Evaluation } from "./evaluate.ts";

export type MatchKitchen = {
  readonly catalogue: Catalogue;
  readonly diners: Diners;
  readonly household: Household;
  readonly staples: ReadonlySet<string>;
  readonly waiting: readonly Waiting[];
};

/** What stops the next half batch: a line's stock, or the mouths. */
export type MatchLimit =
  | {
      readonly kind: "stock";
      readonly lineId: string;
      readonly ingredients: readonly string[];
      readonly shortG: number;
    }
  | { readonly kind: "appetite"; readonly eatable: Eatable }
  | { readonly kind: "not-worth-more" };

export type RecipeMatch = Evaluation & {
  readonly recipeId: string;
  readonly servings: number;
  readonly eatable: Eatable;
  readonly limit: MatchLimit;
};

const step = 0.5;
/** Beyond eight batches at once nobody cooks at home. Common practice, no source. */
const mostBatches = 8;

/**
 * Recipes ranked by the perishable surplus they rescue (urgency-weighted, less what must be bought), each at
 * the number of half batches that rescues most. Lots over their day must already be left out of `stock`.
 * Nothing is proposed beyond what can be eaten, frozen or given in time; recipes that rescue nothing, that
 * these diners cannot eat, or of which not even half a batch can be eaten, are left out.
 */
export function rankRecipes(
  formulas: readonly Formula[],
  stock: readonly Stock[],
  kitchen: MatchKitchen,
): RecipeMatch[] {
  return formulas
    .flatMap((formula) => matchRecipe(formula, stock, kitchen) ?? [])
    .sort((a, b) => b.score - a.score || b.rescuedG - a.rescuedG || a.recipeId.localeCompare(b.recipeId));
}

/** The best number of batches of one recipe, or undefined when it rescues nothing. */
export function matchRecipe(
  formula: Formula,
  stock: readonly Stock[],
  kitchen: MatchKitchen,
): RecipeMatch | undefined {
  if (cannotBeMade(demandsOf(formula, 1, kitchen))) return undefined;
  const eats = eatable(dishOf(formula, kitchen.catalogue), kitchen.household, kitchen.waiting);
  const most = Math.min(mostBatches, Math.floor(eats.total / formula.servings / step + 1e-9) * step);
  if (most < step) return undefined;
  const from = { stock: usefulStock(formula, stock), isStaple: (id: string) => kitchen.staples.has(id) };
  const tries = Array.from({ length: Math.round(most / step) }, (_, i) => {
    const batches = (i + 1) * step;
    return evaluate(batches, demandsOf(formula, batches, kitchen), from);
  });
  const best = tries.reduce((a, b) => (b.score > a.score + 1e-9 ? b : a), tries[0] ?? nothing);
  if (best.rescuedG <= 0 || best.score <= 0) return undefined;
  const next = demandsOf(formula, best.batches + step, kitchen);
  const limit = limitOf(best, next, { most, eats, from });
  return { ...best, recipeId: formula.id, servings: best.batches * formula.servings, eatable: eats, limit };
}

const nothing: Evaluation = { batches: 0, fillings: [], topUps: [], rescuedG: 0, score: 0 };

const usefulStock = (formula: Formula, stock: readonly Stock[]): Stock[] => {
  const wanted = new Set(formula.lines.flatMap((line) => line.fillers.map((f) => f.ingredient)));
  return stock.filter((s) => wanted.has(s.ingredient));
};

function dishOf(formula: Formula, catalogue: Catalogue): Parameters<typeof eatable>[0] {
  const { fridge, freezer } = formula.keeping;
  const rule = fridge === null ? undefined : keepingRule(catalogue, fridge, "fridge");
  return { kind: formula.kind, keepDays: Math.floor(rule?.cautiousDays ?? 0), freezes: freezer !== null };
}

type Bounds = {
  readonly most: number;
  readonly eats: Eatable;
  readonly from: Parameters<typeof evaluate>[2];
};

function limitOf(best: Evaluation, next: readonly Demand[], { most, eats, from }: Bounds): MatchLimit {
  if (best.batches >= most) return { kind: "appetite", eatable: eats };
  const more = evaluate(best.batches + step, next, from);
  const boughtOf = (e: Evaluation, lineId: string): number =>
    e.topUps.filter((t) => t.lineId === lineId && t.from === "buy").reduce((g, t) => g + t.grams, 0);
  const filled = new Set(best.fillings.map((f) => f.lineId));
  const short = next
    .filter((d) => filled.has(d.lineId))
    .map((d) => ({ d, shortG: boughtOf(more, d.lineId) - boughtOf(best, d.lineId) }))
    .sort((a, b) => b.shortG - a.shortG)[0];
  if (!short || short.shortG <= 0) return { kind: "not-worth-more" };
  const ingredients = [
    ...new Set(best.fillings.filter((f) => f.lineId === short.d.lineId).map((f) => f.ingredient)),
  ];
  return { kind: "stock", lineId: short.d.lineId, ingredients, shortG: short.shortG };
}
