import { gramsTaken } from "../forms/index.ts";
import type { DishKind } from "../recipes/index.ts";
import type { MealPlan, PlannedDish } from "./meal-plan.ts";
import {
  minutesOf,
  portionsOn,
  tailDays,
  type MealPlanLine,
  type MealPlanProblem,
} from "./meal-plan-problem.ts";

/** A limit that a plan breaks, and by how much, in the limit's own unit. */
export type MealPlanViolation = { readonly limit: string; readonly over: number };

/** A thousandth, and half a gram or a hundredth of a portion: what scales and spoons cannot tell. */
const over = (
  ...[limit, has, may, slack]: [limit: string, has: number, may: number, slack: number]
): MealPlanViolation[] => (has > may * 1.001 + slack ? [{ limit, over: has - may }] : []);
const grams = 0.5;
const portions = 0.01;
const minutes = 0.01;

/**
 * Checks a plan against the problem it is for, limit by limit, day by day, without the model it came from: what is taken
 * of each lot and until when, what each line asks for, who eats what until when, minutes, freezer. Nothing found: it can
 * be cooked as it stands.
 */
export function verifyMealPlan(problem: MealPlanProblem, plan: MealPlan): MealPlanViolation[] {
  return [
    ...problem.lots.flatMap((lot) => lotViolations(lot, plan)),
    ...plan.dishes.flatMap((one) => dishViolations(one, problem)),
    ...portionViolations(plan, problem),
    ...appetiteViolations(plan, problem),
    ...dayViolations(plan, problem),
  ];
}

type Lot = MealPlanProblem["lots"][number];

function lotViolations(lot: Lot, { dishes }: MealPlan): MealPlanViolation[] {
  const fillings = dishes.flatMap(({ day, fillings }) =>
    fillings.filter((one) => one.lotId === lot.lotId).map((one) => ({ ...one, day })),
  );
  const late = fillings.filter((one) => one.day > lot.lastDay);
  const taken = gramsTaken(fillings);
  return [
    ...over(`lot ${lot.lotId}`, taken, lot.grams, grams),
    ...late.map((one) => ({
      limit: `lot ${lot.lotId} is over on day ${one.day}`,
      over: one.day - lot.lastDay,
    })),
  ];
}

function dishViolations(planned: PlannedDish, problem: MealPlanProblem): MealPlanViolation[] {
  const { dish, day, batches } = planned;
  const known = problem.dishes.includes(dish) ? [] : [{ limit: `dish ${dish.id} is not there`, over: 1 }];
  const whole = Number.isInteger(batches * 2) ? [] : [{ limit: `half batches of ${dish.id}`, over: batches }];
  const isPossible = day >= 0 && day < problem.days ? [] : [{ limit: `day of ${dish.id}`, over: day }];
  return [...known, ...whole, ...isPossible, ...dish.lines.flatMap((line) => lineViolations(line, planned))];
}

/** Grams of line that each filler stands for, against what the line asks for, each filler's share and the strong ones'. */
function lineViolations(
  line: MealPlanLine,
  { dish, batches, fillings, added, day }: PlannedDish,
): MealPlanViolation[] {
  const name = `${dish.id}, ${line.lineId}`;
  const wanted = line.grams * batches;
  const shares = line.fillers.map((filler) => {
    const its = [...fillings, ...added].filter(
      (one) => one.lineId === line.lineId && one.ingredient === filler.ingredient,
    );
    return { filler, grams: its.reduce((sum, one) => sum + one.grams, 0) / filler.gramsPerGram };
  });
  const all = shares.reduce((sum, one) => sum + one.grams, 0);
  const strong = shares.filter((one) => one.filler.isStrong).reduce((sum, one) => sum + one.grams, 0);
  const dated = fillings
    .filter((one) => one.lineId === line.lineId)
    .flatMap((one) =>
      line.fillers.flatMap((f) => f.from.filter((s) => s.lotId === one.lotId && s.toDo === one.toDo)),
    )
    .filter(({ clock }) => clock !== null && clock < day + dish.keepDays);
  return [
    ...over(`${name} has more than it asks for`, all, wanted, grams),
    ...(line.isOptional ? [] : over(`${name} has less than it asks for`, wanted, all, grams)),
    ...shares.flatMap(({ filler, grams: has }) => [
      ...over(`${name}, share of ${filler.ingredient}`, has, wanted * filler.maxShare, grams),
      ...over(`${name}, least of ${filler.ingredient}`, wanted * filler.minShare, has, grams),
    ]),
    ...over(`${name}, strong`, strong, wanted * line.strongShare, grams),
    ...dated.map(({ lotId }) => ({ limit: `${name} keeps no longer than ${lotId}`, over: 1 })),
  ];
}

/** No portion is eaten twice, before it is cooked, or after it keeps. */
function portionViolations({ dishes }: MealPlan, problem: MealPlanProblem): MealPlanViolation[] {
  const each = dishes.flatMap(({ dish, day, batches, eaten }) => [
    ...over(`portions of ${dish.id} of day ${day}`, sumOf(eaten), batches * dish.servings, portions),
    ...eaten
      .filter(({ on }) => on < day || on > day + dish.keepDays || on > problem.days - 1 + tailDays)
      .map(({ on }) => ({ limit: `${dish.id} of day ${day} is eaten on day ${on}`, over: 1 })),
  ]);
  const together = [...new Set(dishes.map((one) => one.dish))].flatMap((dish) => {
    const mine = dishes.filter((one) => one.dish === dish);
    const made = mine.reduce((sum, one) => sum + one.batches * dish.servings, 0);
    const gone = mine.reduce((sum, one) => sum + sumOf(one.eaten) + one.frozen + one.given, 0);
    const frozen = mine.reduce((sum, one) => sum + one.frozen, 0);
    return [
      ...over(`portions of ${dish.id}`, gone, made, portions),
      ...over(`frozen of ${dish.id}`, frozen, dish.freezes ? Infinity : 0, portions),
    ];
  });
  const frozen = dishes.reduce((sum, one) => sum + one.frozen, 0);
  const given = dishes.reduce((sum, one) => sum + one.given, 0);
  return [
    ...each,
    ...together,
    ...over("freezer", frozen, problem.limits.freezerPortions, portions),
    ...over("given away", given, problem.limits.givePortions, portions),
  ];
}

const sumOf = (all: readonly { readonly portions: number }[]): number =>
  all.reduce((sum, one) => sum + one.portions, 0);

function appetiteViolations(plan: MealPlan, { stored, limits, days }: MealPlanProblem): MealPlanViolation[] {
  const larder = stored.flatMap(({ id, portions: there, lastDay }) => {
    const mine = plan.stored.filter((one) => one.batchId === id);
    const late = mine.filter((one) => one.on > lastDay);
    return [
      ...over(`larder ${id}`, sumOf(mine), there, portions),
      ...late.map(({ on }) => ({ limit: `larder ${id} is over on day ${on}`, over: on - lastDay })),
    ];
  });
  const meals: readonly { kind: DishKind | undefined; on: number; portions: number }[] = [
    ...plan.dishes.flatMap(({ dish, eaten }) => eaten.map((one) => ({ ...one, kind: dish.kind }))),
    ...plan.stored.map((one) => ({ ...one, kind: stored.find((batch) => batch.id === one.batchId)?.kind })),
  ];
  const eatenOn = (on: number): MealPlanViolation[] => {
    const today = meals.filter((meal) => meal.on === on);
    const kinds = Object.keys(limits.ofAKind) as DishKind[];
    return [
      ...over(`eaten on day ${on}`, sumOf(today), portionsOn(limits.portionsADay, on), portions),
      ...kinds.flatMap((kind) =>
        over(
          `${kind} eaten on day ${on}`,
          sumOf(today.filter((meal) => meal.kind === kind)),
          portionsOn(limits.ofAKind[kind] ?? [], on),
          portions,
        ),
      ),
    ];
  };
  return [...larder, ...Array.from({ length: days + tailDays }, (_, on) => eatenOn(on)).flat()];
}

function dayViolations({ dishes }: MealPlan, { limits, days }: MealPlanProblem): MealPlanViolation[] {
  const times = (recipeId: string): PlannedDish[] => dishes.filter((one) => one.dish.recipeId === recipeId);
  const perDay = Array.from({ length: days }, (_, day) => {
    const work = dishes
      .filter((one) => one.day === day)
      .reduce((sum, one) => sum + minutesOf(one.dish, one.batches * 2), 0);
    return over(`minutes on day ${day}`, work, limits.minutesADay[day] ?? 0, minutes);
  });
  const recipes = [...new Set(dishes.map((one) => one.dish.recipeId))];
  const missing = limits.keep.filter(
    ({ recipeId, day }) => !times(recipeId).some((one) => day === null || one.day === day),
  );
  return [
    ...perDay.flat(),
    ...recipes.flatMap((id) => over(`times of ${id}`, times(id).length, limits.mostTimes, 0)),
    ...Object.entries(limits.timesOfAKind ?? {}).flatMap(([kind, most]) =>
      over(`times of a ${kind}`, dishes.filter((one) => one.dish.kind === kind).length, most, 0),
    ),
    ...missing.map(({ recipeId }) => ({ limit: `${recipeId} was to be kept`, over: 1 })),
  ];
}
