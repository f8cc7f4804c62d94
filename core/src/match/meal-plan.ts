import type { MealPlanModel, TakenColumn } from "./meal-plan-model.ts";
import type { MealPlanDish, MealPlanProblem, MealPlanSource } from "./meal-plan-problem.ts";

/** What is cooked, eaten, frozen and given on the coming days; day 0 is today. */
export type MealPlan = {
  readonly dishes: readonly PlannedDish[];
  /** Portions of what stands in the larder, by the day they are eaten on. */
  readonly stored: readonly { readonly batchId: string; readonly on: number; readonly portions: number }[];
};

export type PlannedDish = {
  readonly dish: MealPlanDish;
  readonly day: number;
  readonly batches: number;
  readonly fillings: readonly PlannedFilling[];
  readonly added: readonly PlannedAddition[];
  readonly eaten: readonly { readonly on: number; readonly portions: number }[];
  /** Portions that are frozen or given; of a dish that is cooked twice they stand at its first time. */
  readonly frozen: number;
  readonly given: number;
};

/** So many half batches of a dish on a day. */
export type Chosen = { readonly dish: MealPlanDish; readonly day: number; readonly halves: number };

/** How many half batches of what on which day. */
export const chosenIn = ({ dishes }: MealPlan): Chosen[] =>
  dishes.map(({ dish, day, batches }) => ({ dish, day, halves: Math.round(batches * 2) }));

/** A plan with its dishes named by their id, to be sent and kept apart from its problem. */
export type WrittenPlan = Omit<MealPlan, "dishes"> & {
  readonly dishes: readonly (Omit<PlannedDish, "dish"> & { readonly dish: string })[];
};

export const writtenPlan = ({ dishes, stored }: MealPlan): WrittenPlan => ({
  dishes: dishes.map((one) => ({ ...one, dish: one.dish.id })),
  stored,
});

/** The plan that was written down, among the dishes of a problem; undefined where one of them is not there any more. */
export function planWritten(written: WrittenPlan, problem: MealPlanProblem): MealPlan | undefined {
  const dishes = written.dishes.flatMap((one) => {
    const dish = problem.dishes.find(({ id }) => id === one.dish);
    return dish ? [{ ...one, dish }] : [];
  });
  return dishes.length === written.dishes.length ? { dishes, stored: written.stored } : undefined;
}

type PlannedFilling = {
  readonly lineId: string;
  readonly lotId: string;
  readonly ingredient: string;
  /** Usable grams in the line, and as they lie in the lot. */
  readonly grams: number;
  readonly lotG: number;
  readonly toDo: MealPlanSource["toDo"];
  readonly part: MealPlanSource["part"];
};
/** Grams of a filler from the shelf (price 0) or the shop. */
type PlannedAddition = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly from: "staple" | "buy";
};

/** Less is what a solver leaves over, grams or portions. */
const nothing = 1e-4;

/** The plan that a solution of the model stands for. */
export function readMealPlan(model: MealPlanModel, values: readonly number[]): MealPlan {
  const of = (column: number): number => values[column] ?? 0;
  const { eating } = model;
  const begun = new Set<MealPlanDish>();
  const dishes = model.cooked.flatMap((cooked) => {
    const halves = Math.round(of(cooked.halves));
    if (halves === 0) return [];
    const isFirst = !begun.has(cooked.dish);
    begun.add(cooked.dish);
    const kept = (all: readonly { readonly dish: MealPlanDish; readonly column: number }[]): number =>
      all.filter((one) => isFirst && one.dish === cooked.dish).reduce((sum, one) => sum + of(one.column), 0);
    return [
      {
        ...{ dish: cooked.dish, day: cooked.day, batches: halves / 2 },
        fillings: model.taken
          .filter((one) => one.cooked === cooked && of(one.column) > nothing)
          .map((one) => fillingOf(one, of(one.column))),
        added: model.added
          .filter((one) => one.cooked === cooked && of(one.column) > nothing)
          .map(({ line, filler, column }) => ({
            ...{ lineId: line.lineId, ingredient: filler.ingredient, grams: of(column) },
            from: filler.price === 0 ? ("staple" as const) : ("buy" as const),
          })),
        eaten: eating.eaten
          .filter((one) => one.cooked === cooked && of(one.column) > nothing)
          .map(({ on, column }) => ({ on, portions: of(column) })),
        ...{ frozen: kept(eating.frozen), given: kept(eating.given) },
      },
    ];
  });
  const stored = eating.stored
    .map(({ batchId, on, column }) => ({ batchId, on, portions: of(column) }))
    .filter((one) => one.portions > nothing);
  return { dishes: dishes.sort((a, b) => a.day - b.day), stored };
}

const fillingOf = ({ line, filler, source }: TakenColumn, grams: number): PlannedFilling => ({
  ...{ lineId: line.lineId, lotId: source.lotId, ingredient: filler.ingredient, grams },
  ...{ lotG: grams * source.perGram, toDo: source.toDo, part: source.part },
});
