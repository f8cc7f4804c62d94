import {
  effortOfADish,
  givingCosts,
  minutesOf,
  mostHalves,
  portionsOn,
  tailDays,
  type MealPlanFiller,
  type MealPlanLine,
  type MealPlanProblem,
} from "./meal-plan-problem.ts";
import type { Chosen, MealPlan, PlannedDish } from "./meal-plan.ts";
import { verifyMealPlan } from "./verify-meal-plan.ts";

/** What is left while dishes are chosen: grams of lots, minutes of days, portions by day and kind, in the freezer and to give. */
type Left = {
  readonly lots: Map<string, number>;
  readonly minutes: number[];
  readonly portions: number[];
  readonly ofAKind: Map<string, number[]>;
  kept: number;
};

/**
 * A plan by a simple rule, in milliseconds: again and again the dish, day and number of half batches that saves most of
 * what is left, until none saves anything. It is what a search begins with; nobody is shown it unchecked.
 */
export const quickMealPlan = (problem: MealPlanProblem): Chosen[] => quickly(problem).chosen;

/** The same as a plan, with what fills each line and who eats when by the same rule; undefined where that breaks a limit. */
export function quickWholePlan(
  problem: MealPlanProblem,
): { readonly plan: MealPlan; readonly value: number } | undefined {
  const { dishes, stored, value } = quickly(problem);
  const plan = { dishes: [...dishes].sort((a, b) => a.day - b.day), stored };
  return verifyMealPlan(problem, plan).length === 0 ? { plan, value } : undefined;
}

type Quick = {
  readonly chosen: Chosen[];
  readonly dishes: PlannedDish[];
  readonly stored: { batchId: string; on: number; portions: number }[];
  value: number;
};

function quickly(problem: MealPlanProblem): Quick {
  const left = everything(problem);
  const quick: Quick = { chosen: [], dishes: [], stored: [], value: 0 };
  // What stands there is eaten first.
  for (const { id: batchId, kind, portions, lastDay } of problem.stored)
    for (const meal of eat(left, { kind, from: 0, until: lastDay, portions }))
      quick.stored.push({ batchId, ...meal });
  const { chosen } = quick;
  const kept = problem.limits.keep.map(({ recipeId, day }) =>
    bestOf(
      candidatesOf(problem, chosen).filter(
        (one) => one.dish.recipeId === recipeId && (day ?? one.day) === one.day,
      ),
      { problem, left },
    ),
  );
  for (const one of kept) if (one) take(one, { problem, left, quick });
  for (let next = bestOf(candidatesOf(problem, chosen), { problem, left }); next && next.value > 0;) {
    take(next, { problem, left, quick });
    next = bestOf(candidatesOf(problem, chosen), { problem, left });
  }
  return quick;
}

type Judging = { readonly problem: MealPlanProblem; readonly left: Left };
type Judged = Chosen & { readonly value: number };

function everything({ lots, days, limits }: MealPlanProblem): Left {
  const span = Array.from({ length: days + tailDays }, (_, on) => on);
  const ofAKind = new Map(
    Object.entries(limits.ofAKind).map(([kind, portions]) => [
      kind,
      span.map((on) => portionsOn(portions, on)),
    ]),
  );
  return {
    lots: new Map(lots.map((lot) => [lot.lotId, lot.grams])),
    minutes: [...limits.minutesADay],
    portions: span.map((on) => portionsOn(limits.portionsADay, on)),
    ofAKind,
    kept: limits.givePortions,
  };
}

/** Eats portions on the days of a span, as long as somebody has room; gives how many were eaten when. */
function eat(
  left: Left,
  meal: { readonly kind: string; readonly from: number; readonly until: number; readonly portions: number },
): { on: number; portions: number }[] {
  let open = meal.portions;
  const meals: { on: number; portions: number }[] = [];
  const kind = left.ofAKind.get(meal.kind);
  for (let on = meal.from; on <= Math.min(meal.until, left.portions.length - 1) && open > 0; on++) {
    const eaten = Math.min(open, left.portions[on] ?? 0, kind?.[on] ?? Infinity);
    left.portions[on] = (left.portions[on] ?? 0) - eaten;
    if (kind) kind[on] = (kind[on] ?? 0) - eaten;
    open -= eaten;
    if (eaten > 0) meals.push({ on, portions: eaten });
  }
  return meals;
}

/** Every dish that is not chosen yet, on every day. */
function candidatesOf({ dishes, days, limits }: MealPlanProblem, chosen: readonly Chosen[]): Chosen[] {
  return dishes.flatMap((dish) => {
    const mine = chosen.filter((one) => one.dish.recipeId === dish.recipeId);
    const ofKind = chosen.filter((one) => one.dish.kind === dish.kind).length;
    if (mine.length > 0 || ofKind >= (limits.timesOfAKind?.[dish.kind] ?? Infinity)) return [];
    return Array.from({ length: days }, (_, day) => day).flatMap((day) =>
      Array.from({ length: mostHalves }, (_, i) => ({ dish, day, halves: i + 1 })),
    );
  });
}

function bestOf(candidates: readonly Chosen[], judging: Judging): Judged | undefined {
  let best: Judged | undefined;
  for (const one of candidates) {
    const value = valueOf(one, judging);
    if (value !== undefined && (!best || value > best.value)) best = { ...one, value };
  }
  return best;
}

const roomFor = (left: Left, { dish, day, halves }: Chosen): number => {
  const portions = left.portions.map((room, on) =>
    Math.min(room, left.ofAKind.get(dish.kind)?.[on] ?? Infinity),
  );
  const eaten = portions.slice(day, day + dish.keepDays + 1).reduce((sum, room) => sum + room, 0);
  return Math.min((halves * dish.servings) / 2, eaten + left.kept);
};

/** What it saves of what is left, less what is bought, done, and not eaten; undefined where it cannot be. */
function valueOf(one: Chosen, { problem, left }: Judging): number | undefined {
  const { dish, day, halves } = one;
  if (minutesOf(dish, halves) > (left.minutes[day] ?? 0) + 1e-9) return undefined;
  const made = (halves * dish.servings) / 2;
  if (roomFor(left, one) < made - 1e-9) return undefined;
  const taken = new Map<string, number>();
  let value =
    -effortOfADish -
    problem.limits.workPerMinute * minutesOf(dish, halves) -
    (dish.boughtPerBatch * halves) / 2;
  for (const line of dish.lines) {
    const filled = fill(line, one, { problem, left, taken });
    if (filled === undefined) return undefined;
    value += filled;
  }
  return value;
}

type Filling = Judging & {
  readonly taken: Map<string, number>;
  /** What went into it, where that is wanted. */
  readonly into?: { readonly fillings: Filled[]; readonly added: Added[] };
};
type Filled = PlannedDish["fillings"][number];
type Added = PlannedDish["added"][number];

/** Grams of a line that are still open: in all, of each filler, and of the strong ones together. */
class OpenLine {
  private readonly ofFiller: Map<MealPlanFiller, number>;
  private strong: number;

  constructor(
    readonly line: MealPlanLine,
    private grams: number,
  ) {
    this.ofFiller = new Map(line.fillers.map((filler) => [filler, grams * filler.maxShare]));
    this.strong = grams * line.strongShare;
  }
  get isFilled(): boolean {
    return this.line.isOptional || this.grams < 1e-6;
  }
  /** Fills up to so many grams of the line with a filler; gives how many. */
  fill(filler: MealPlanFiller, atMost: number): number {
    const room = Math.min(this.ofFiller.get(filler) ?? 0, filler.isStrong ? this.strong : Infinity);
    const grams = Math.max(0, Math.min(this.grams, atMost, room));
    this.grams -= grams;
    this.ofFiller.set(filler, (this.ofFiller.get(filler) ?? 0) - grams);
    if (filler.isStrong) this.strong -= grams;
    return grams;
  }
}

/** Fills a line from what is left, the most urgent first, then from shelf and shop; what that is worth, undefined where it stays open. */
function fill(line: MealPlanLine, chosen: Chosen, filling: Filling): number | undefined {
  const { problem, left, taken, into } = filling;
  const { lineId } = line;
  const open = new OpenLine(line, (line.grams * chosen.halves) / 2);
  let value = 0;
  for (const { filler, source, urgencyWeight } of sourcesOf(line, chosen, problem)) {
    const lies = (left.lots.get(source.lotId) ?? 0) - (taken.get(source.lotId) ?? 0);
    const grams = open.fill(filler, lies / source.perGram / filler.gramsPerGram) * filler.gramsPerGram;
    taken.set(source.lotId, (taken.get(source.lotId) ?? 0) + grams * source.perGram);
    value += grams * urgencyWeight;
    const { lotId, toDo, part } = source;
    const { ingredient } = filler;
    if (grams > 0)
      into?.fillings.push({ lineId, lotId, ingredient, grams, lotG: grams * source.perGram, toDo, part });
  }
  const cheapestFirst = [...line.fillers].sort((a, b) => (a.price ?? Infinity) - (b.price ?? Infinity));
  for (const filler of cheapestFirst)
    if (filler.price !== null) {
      const grams = open.fill(filler, Infinity) * filler.gramsPerGram;
      value -= grams * filler.price;
      const from = filler.price === 0 ? ("staple" as const) : ("buy" as const);
      if (grams > 0) into?.added.push({ lineId, ingredient: filler.ingredient, grams, from });
    }
  return open.isFilled ? value : undefined;
}

/** What a line can take of the lots on a day, the most urgent first. */
const sourcesOf = (line: MealPlanLine, { dish, day }: Chosen, { lots }: MealPlanProblem) =>
  line.fillers
    .flatMap((filler) =>
      filler.from.flatMap((source) => {
        const lot = lots.find((one) => one.lotId === source.lotId);
        const isInTime = lot !== undefined && lot.lastDay >= day;
        const keeps = source.clock === null || source.clock >= day + dish.keepDays;
        return isInTime && keeps ? [{ filler, source, urgencyWeight: lot.urgencyWeight }] : [];
      }),
    )
    .sort((a, b) => b.urgencyWeight - a.urgencyWeight);

function take(one: Judged, { problem, left, quick }: Judging & { readonly quick: Quick }): void {
  const { dish, day, halves } = one;
  const taken = new Map<string, number>();
  const into = { fillings: [], added: [] };
  for (const line of dish.lines) fill(line, one, { problem, left, taken, into });
  for (const [lotId, grams] of taken) left.lots.set(lotId, (left.lots.get(lotId) ?? 0) - grams);
  left.minutes[day] = (left.minutes[day] ?? 0) - minutesOf(dish, halves);
  const made = (halves * dish.servings) / 2;
  const eaten = eat(left, { kind: dish.kind, from: day, until: day + dish.keepDays, portions: made });
  const given = made - eaten.reduce((sum, meal) => sum + meal.portions, 0);
  left.kept -= given;
  quick.chosen.push({ dish, day, halves });
  quick.dishes.push({ dish, day, batches: halves / 2, ...into, eaten, frozen: 0, given });
  quick.value += one.value - givingCosts * given;
}
