import type { DishKind } from "../recipes/index.ts";
import type { CookedColumns } from "./cooked-columns.ts";
import {
  givingCosts,
  portionsOn,
  tailDays,
  worthOfStored,
  type MealPlanDish,
  type MealPlanProblem,
} from "./meal-plan-problem.ts";
import type { ProgrammeWriter, Term } from "./programme.ts";

export type EatingColumns = {
  /** Portions cooked on one day and eaten on another. */
  readonly eaten: readonly { readonly cooked: CookedColumns; readonly on: number; readonly column: number }[];
  /** Portions of a dish that are frozen, or given away. */
  readonly frozen: readonly { readonly dish: MealPlanDish; readonly column: number }[];
  readonly given: readonly { readonly dish: MealPlanDish; readonly column: number }[];
  /** Portions of what stands in the larder. */
  readonly stored: readonly { readonly batchId: string; readonly on: number; readonly column: number }[];
};

/** Usable grams on their last day: freezing is worth a little less than eating. A judgement, no source. */
const freezingCosts = 0.05;

/** What a portion of a dish ties up of what would keep it from spoiling: so much is lost where nobody eats it. */
function lostWithAPortion(dish: MealPlanDish, problem: MealPlanProblem): number {
  const worths = new Map(problem.lots.map((lot) => [lot.lotId, lot.urgencyWeight]));
  const ofLine = dish.lines.map(({ grams, fillers }) => {
    const dearest = fillers.flatMap((f) =>
      f.from.map(({ lotId }) => (worths.get(lotId) ?? 0) * f.gramsPerGram),
    );
    return grams * Math.max(0, ...dearest);
  });
  return ofLine.reduce((total, grams) => total + grams, 0) / dish.servings;
}

/** Everything that is cooked is eaten in time, frozen, given, or counts as lost; nobody eats more than they eat. */
export function writeEating(
  problem: MealPlanProblem,
  cooked: readonly CookedColumns[],
  writer: ProgrammeWriter,
): EatingColumns {
  const last = problem.days - 1 + tailDays;
  const eaten = cooked.flatMap((one) => {
    const until = Math.min(last, one.day + one.dish.keepDays);
    const days = Array.from({ length: until - one.day + 1 }, (_, i) => one.day + i);
    const columns = days.map((on) => ({ cooked: one, on, column: writer.amount(0) }));
    const portions: Term = [one.halves, -one.dish.servings / 2];
    writer.atMost(0, [...columns.map(({ column }): Term => [column, 1]), portions]);
    return columns;
  });
  const stored = problem.stored.flatMap((batch) => {
    const days = Array.from({ length: Math.min(last, batch.lastDay) + 1 }, (_, on) => on);
    const value = worthOfStored(batch);
    const columns = days.map((on) => ({ batchId: batch.id, on, column: writer.amount(value) }));
    writer.atMost(
      batch.portions,
      columns.map(({ column }): Term => [column, 1]),
    );
    return columns;
  });
  const { frozen, given } = writeKept(problem, { cooked, eaten }, writer);
  writeAppetite(problem, { eaten, stored }, writer);
  return { eaten, frozen, given, stored };
}

function writeKept(
  problem: MealPlanProblem,
  { cooked, eaten }: { readonly cooked: readonly CookedColumns[] } & Pick<EatingColumns, "eaten">,
  writer: ProgrammeWriter,
): Pick<EatingColumns, "frozen" | "given"> {
  const { freezerPortions, givePortions } = problem.limits;
  const frozen: { dish: MealPlanDish; column: number }[] = [];
  const given: { dish: MealPlanDish; column: number }[] = [];
  for (const dish of new Set(cooked.map((one) => one.dish))) {
    const kept: Term[] = [[writer.amount(-lostWithAPortion(dish, problem)), 1]];
    if (dish.freezes) frozen.push({ dish, column: writer.amount(-freezingCosts) });
    given.push({ dish, column: writer.amount(-givingCosts) });
    for (const one of [...frozen, ...given]) if (one.dish === dish) kept.push([one.column, 1]);
    const mine = eaten.filter((one) => one.cooked.dish === dish).map(({ column }): Term => [column, 1]);
    const made = cooked.filter((one) => one.dish === dish);
    writer.exactly(0, [...mine, ...kept, ...made.map(({ halves }): Term => [halves, -dish.servings / 2])]);
  }
  writer.atMost(
    freezerPortions,
    frozen.map(({ column }): Term => [column, 1]),
  );
  writer.atMost(
    givePortions,
    given.map(({ column }): Term => [column, 1]),
  );
  return { frozen, given };
}

function writeAppetite(
  { days, limits, stored: batches }: MealPlanProblem,
  { eaten, stored }: Pick<EatingColumns, "eaten" | "stored">,
  writer: ProgrammeWriter,
): void {
  const kindOf = new Map(batches.map((batch) => [batch.id, batch.kind]));
  const meals = [
    ...eaten.map(({ cooked, on, column }) => ({ kind: cooked.dish.kind, on, column })),
    ...stored.map(({ batchId, on, column }) => ({ kind: kindOf.get(batchId), on, column })),
  ];
  for (let on = 0; on < days + tailDays; on++) {
    const today = meals.filter((meal) => meal.on === on);
    writer.atMost(
      portionsOn(limits.portionsADay, on),
      today.map(({ column }): Term => [column, 1]),
    );
    for (const kind of Object.keys(limits.ofAKind) as DishKind[]) {
      const its = today.filter((meal) => meal.kind === kind);
      writer.atMost(
        portionsOn(limits.ofAKind[kind] ?? [], on),
        its.map(({ column }): Term => [column, 1]),
      );
    }
  }
}
