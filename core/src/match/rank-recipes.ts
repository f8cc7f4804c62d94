import type { Catalogue } from "../catalogue/index.ts";
import {
  offersFor,
  offersOfThese,
  usefulLots,
  type Demand,
  type Diners,
  type Formula,
  type LotOffers,
} from "../recipes/index.ts";
import { cannotBeMade, demandsOf, timesDemands } from "./demands.ts";
import {
  consumableInTime,
  type ConsumptionCapacity,
  type Household,
  type StoredPortions,
} from "./consumable-in-time.ts";
import { evaluate, type Evaluation } from "./evaluate.ts";
import { keepDaysOf, ruleDays, withoutShortDated, type MatchStock } from "./keep-days.ts";

export type MatchKitchen = {
  readonly catalogue: Catalogue;
  readonly diners: Diners;
  readonly household: Household;
  readonly staples: ReadonlySet<string>;
  readonly waiting: readonly StoredPortions[];
};

/** What stops the next half batch: a line's stock, or the mouths. */
export type MatchLimit =
  | {
      readonly kind: "stock";
      readonly lineId: string;
      readonly ingredients: readonly string[];
      readonly shortG: number;
    }
  | { readonly kind: "appetite"; readonly consumableInTime: ConsumptionCapacity }
  | { readonly kind: "not-worth-more" };

export type RecipeMatch = Evaluation & {
  readonly recipeId: string;
  readonly servings: number;
  readonly consumableInTime: ConsumptionCapacity;
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
  stock: readonly MatchStock[],
  kitchen: MatchKitchen,
): RecipeMatch[] {
  return formulas
    .flatMap((formula) => matchRecipe(formula, stock, kitchen) ?? [])
    .sort((a, b) => b.score - a.score || b.rescuedG - a.rescuedG || a.recipeId.localeCompare(b.recipeId));
}

/** The best number of batches of one recipe, or undefined when it rescues nothing. */
export function matchRecipe(
  formula: Formula,
  stock: readonly MatchStock[],
  kitchen: MatchKitchen,
): RecipeMatch | undefined {
  const one = demandsOf(formula, 1, kitchen);
  if (cannotBeMade(one)) return undefined;
  const offers = offersFor(one, stock);
  const useful = usefulLots(offers, stock);
  if (useful.length === 0) return undefined;
  // A leaf cut days ago dates the whole dish: it may be better to leave it out and keep the dish longer.
  const keeping = withoutShortDated(formula, useful, kitchen.catalogue);
  const variants = keeping.length < useful.length ? [useful, keeping] : [useful];
  const candidates = variants.flatMap((variant) =>
    candidatesOf(formula, { stock: variant, offers: offersOfThese(offers, variant), kitchen, one }),
  );
  const best = candidates.reduce<Candidate | undefined>(
    (a, b) => (!a || b.score > a.score + 1e-9 ? b : a),
    undefined,
  );
  if (!best || best.rescuedG <= 0 || best.score <= 0) return undefined;
  const limit = limitOf(best, formula, { kitchen, one });
  const { stock: _stock, eats, ...evaluation } = best;
  return {
    ...evaluation,
    recipeId: formula.id,
    servings: best.batches * formula.servings,
    consumableInTime: eats,
    limit,
  };
}

type Candidate = Evaluation & { readonly eats: ConsumptionCapacity; readonly stock: readonly MatchStock[] };

/** Every number of half batches that can be eaten, frozen or given before the dish's own last day. */
function candidatesOf(formula: Formula, from: CandidateInput): Candidate[] {
  const { kitchen } = from;
  // What goes in can only make it keep shorter: more than this many would go down in time are not even tried.
  const atBest = eatsOf(formula, ruleDays(formula, kitchen.catalogue), kitchen);
  const counts = Array.from({ length: mostBatches / step }, (_, i) => (i + 1) * step);
  return counts
    .filter((batches) => fits(batches, formula, atBest))
    .map((batches) => candidateFor(formula, batches, from))
    .filter((tried) => fits(tried.batches, formula, tried.eats));
}

const fits = (batches: number, formula: Formula, eats: ConsumptionCapacity): boolean =>
  batches * formula.servings <= eats.total + 1e-9;

/** How much of a dish goes down before it is `keepDays` old. */
const eatsOf = (formula: Formula, keepDays: number, kitchen: MatchKitchen): ConsumptionCapacity =>
  consumableInTime(
    { kind: formula.kind, keepDays, freezes: formula.keeping.freezer !== null },
    kitchen.household,
    kitchen.waiting,
  );

/** What a number of batches is tried with; `one` is what a single batch asks for. */
type CandidateInput = {
  readonly stock: readonly MatchStock[];
  readonly offers?: LotOffers;
  readonly kitchen: MatchKitchen;
  readonly one: readonly Demand[];
};

function candidateFor(
  formula: Formula,
  batches: number,
  { stock, offers, kitchen, one }: CandidateInput,
): Candidate {
  const isStaple = (id: string): boolean => kitchen.staples.has(id);
  const evaluation = evaluate(batches, timesDemands(one, batches), {
    ...{ stock, isStaple },
    ...(offers ? { offers } : {}),
  });
  const keepDays = keepDaysOf(formula, { ...evaluation, stock }, kitchen.catalogue);
  return { ...evaluation, stock, eats: eatsOf(formula, keepDays, kitchen) };
}

/**
 * The stock that a number of batches (> 0) is best filled from: without what would date the whole dish too
 * early, when so much of it could not be eaten in time otherwise. The same choice the ranking makes.
 */
export function stockFor(
  formula: Formula,
  batches: number,
  from: { readonly stock: readonly MatchStock[]; readonly kitchen: MatchKitchen },
): readonly MatchStock[] {
  const demands = demandsOf(formula, 1, from.kitchen);
  const all = usefulLots(offersFor(demands, from.stock), from.stock);
  const candidates = [all, withoutShortDated(formula, all, from.kitchen.catalogue)]
    .map((stock) => candidateFor(formula, batches, { stock, kitchen: from.kitchen, one: demands }))
    .filter((one) => fits(batches, formula, one.eats));
  return (
    candidates.reduce<Candidate | undefined>((a, b) => (a && a.score >= b.score ? a : b), undefined)?.stock ??
    all
  );
}

function limitOf(
  best: Candidate,
  formula: Formula,
  { kitchen, one }: Pick<CandidateInput, "kitchen" | "one">,
): MatchLimit {
  const batches = best.batches + step;
  const appetite = { kind: "appetite", consumableInTime: best.eats } as const;
  if (batches > mostBatches) return appetite;
  const more = candidateFor(formula, batches, { stock: best.stock, kitchen, one });
  if (!fits(batches, formula, more.eats)) return appetite;
  const short = shortestLine(best, more, timesDemands(one, batches));
  if (!short) return { kind: "not-worth-more" };
  const mine = best.fillings.filter((f) => f.lineId === short.lineId).map((f) => f.ingredient);
  return { kind: "stock", lineId: short.lineId, ingredients: [...new Set(mine)], shortG: short.shortG };
}

/** The line, among those the surplus fills, that would need most to be bought for the next half batch. */
function shortestLine(
  best: Evaluation,
  more: Evaluation,
  next: readonly Demand[],
): { readonly lineId: string; readonly shortG: number } | undefined {
  const boughtOf = (e: Evaluation, lineId: string): number =>
    e.topUps.filter((t) => t.lineId === lineId && t.from === "buy").reduce((g, t) => g + t.grams, 0);
  const filled = new Set(best.fillings.map((f) => f.lineId));
  return next
    .filter((d) => filled.has(d.lineId))
    .map(({ lineId }) => ({ lineId, shortG: boughtOf(more, lineId) - boughtOf(best, lineId) }))
    .filter((line) => line.shortG > 0)
    .sort((a, b) => b.shortG - a.shortG)[0];
}
