import { freezesWhole } from "../basket/index.ts";
import { hazardsOf, type Used } from "../larder/index.ts";
import { workOf } from "../forms/index.ts";
import {
  isStrong,
  offersFor,
  topUpLine,
  type AllowedFiller,
  type Demand,
  type Formula,
  type LotOffers,
} from "../recipes/index.ts";
import { cannotBeMade, demandsOf } from "./demands.ts";
import { buyingPenalty } from "./evaluate.ts";
import { ruleDays, type MatchStock } from "./keep-days.ts";
import type {
  MealPlanBatch,
  MealPlanDish,
  MealPlanFiller,
  MealPlanLimits,
  MealPlanLine,
  MealPlanProblem,
} from "./meal-plan-problem.ts";
import type { MatchKitchen } from "./rank-recipes.ts";

/** Stock with what is usable of it and the last day for it, counted from today. */
export type DatedStock = MatchStock & { readonly usableG: number; readonly daysLeft: number };

/** What a cook may say of the coming days; what is left out is as usual in this kitchen. */
export type MealPlanWish = {
  /** 1–7. */
  readonly days: number;
  /** Who eats on each day, and how many minutes there are for cooking. */
  readonly perDay: readonly { readonly people: number; readonly minutes: number }[];
  /** 0: least waste, whatever the work … 1: least work. */
  readonly lessWork: number;
  readonly keep: MealPlanLimits["keep"];
  readonly timesOfAKind?: NonNullable<MealPlanLimits["timesOfAKind"]>;
  /** Dishes that shall not be in it. */
  readonly without: readonly string[];
};

/** Portions of all dishes together that one person eats in a day. A judgement: common practice, no source. */
const portionsOfAPerson = 2.5;
/** What a minute counts at most, usable grams on their last day. A judgement, no source. */
const mostPerMinute = 4;
/** How often a dish comes within the days. A judgement, no source. */
const mostTimes = 3;

/** The coming days of a kitchen as one plain value: only dishes that use something up, as these people may eat them. */
export function mealPlanProblem(
  formulas: readonly Formula[],
  kitchen: MatchKitchen & {
    readonly stock: readonly DatedStock[];
    readonly stored: readonly MealPlanBatch[];
  },
  wish: MealPlanWish,
): MealPlanProblem {
  const { stock, stored } = kitchen;
  const dishes = formulas
    .filter((formula) => !wish.without.includes(formula.id))
    .flatMap((formula) => dishesOf(formula, kitchen, wish.days));
  const useful = new Set(
    dishes.flatMap((d) => d.lines.flatMap((l) => l.fillers.flatMap((f) => f.from.map((s) => s.lotId)))),
  );
  const lots = stock
    .filter((lot) => useful.has(lot.lotId))
    .map(({ lotId, ingredient, grams, usableG, daysLeft, urgencyWeight }) => ({
      ...{ lotId, ingredient, grams, usableG, urgencyWeight },
      lastDay: daysLeft,
      freezesWhole: isFrozenWhole(ingredient, kitchen),
    }));
  return { days: wish.days, lots, dishes, stored, limits: limitsOf(kitchen, wish) };
}

/** Worth freezing as it lies; what is in the freezer already is not in any hurry. */
function isFrozenWhole(ingredient: string, { catalogue }: MatchKitchen): boolean {
  const facts = catalogue.ingredients.get(ingredient);
  return facts !== undefined && freezesWhole(facts);
}

function limitsOf({ household, waiting }: MatchKitchen, wish: MealPlanWish): MealPlanLimits {
  const people = wish.perDay.slice(0, wish.days).map((day) => day.people);
  const perKind = Object.entries(household.portionsPerPersonDay);
  const frozen = waiting.filter((batch) => batch.frozen).reduce((sum, batch) => sum + batch.portions, 0);
  return {
    portionsADay: people.map((count) => count * portionsOfAPerson),
    ofAKind: Object.fromEntries(perKind.map(([kind, each]) => [kind, people.map((count) => count * each)])),
    minutesADay: wish.perDay.slice(0, wish.days).map((day) => day.minutes),
    freezerPortions: Math.max(0, household.freezerPortions - frozen),
    givePortions: household.givePortions,
    mostTimes,
    timesOfAKind: wish.timesOfAKind ?? {},
    workPerMinute: mostPerMinute * wish.lessWork,
    keep: wish.keep,
  };
}

type From = MatchKitchen & { readonly stock: readonly DatedStock[] };

/** A dish as it keeps best; and, where cut food would date it, once more to be eaten on the day it is made. */
function dishesOf(formula: Formula, kitchen: From, days: number): MealPlanDish[] {
  const demands = demandsOf(formula, 1, kitchen);
  if (cannotBeMade(demands)) return [];
  const offers = offersFor(demands, kitchen.stock);
  const lines = demands.map((demand) => ({ demand, line: lineOf(demand, { formula, kitchen, offers }) }));
  const filled = lines.filter(({ line }) => line.fillers.some((filler) => filler.from.length > 0));
  if (filled.length === 0) return [];
  const isStaple = (id: string): boolean => kitchen.staples.has(id);
  const bought = lines
    .filter((one) => !filled.includes(one))
    .flatMap(({ demand }) => topUpLine(demand, [], isStaple))
    .filter((one) => one.from === "buy");
  const dish: MealPlanDish = {
    ...{ id: formula.id, recipeId: formula.id, name: formula.name, kind: formula.kind },
    ...{ servings: formula.servings, minutes: formula.minutes },
    keepDays: daysKept(formula, demands, kitchen),
    freezes: formula.keeping.freezer !== null,
    lines: filled.map(({ line }) => line),
    bought: bought.map(({ ingredient, grams }) => ({ ingredient, grams })),
    boughtPerBatch: bought.reduce((sum, one) => sum + one.grams, 0) * buyingPenalty.missing,
  };
  const clocks = dish.lines.flatMap((l) => l.fillers.flatMap((f) => f.from.map((s) => s.clock ?? Infinity)));
  const isDated = dish.keepDays > 0 && Math.min(...clocks) < days - 1 + dish.keepDays;
  return isDated ? [dish, { ...dish, id: `${dish.id} at once`, keepDays: 0, freezes: false }] : [dish];
}

/** Whatever of its fillers goes in: by the dish's own rule, or the shortest limit that any of them sets. */
function daysKept(formula: Formula, demands: readonly Demand[], { catalogue }: MatchKitchen): number {
  const any: Used[] = demands.flatMap(({ lineId, grams, fillers }) =>
    fillers.map(({ ingredient, maxShare }) => ({ lineId, ingredient, grams: grams * maxShare })),
  );
  const each = demands.flatMap(({ fillers }) => fillers.map(({ ingredient }) => ingredient));
  const alone = [...new Set(each)].map((ingredient) => any.filter((one) => one.ingredient === ingredient));
  const limits = [any, ...alone].flatMap((used) =>
    hazardsOf(formula, used, catalogue).map(({ days }) => days),
  );
  return Math.max(0, Math.min(ruleDays(formula, catalogue), ...limits));
}

type LineFrom = { readonly formula: Formula; readonly kitchen: From; readonly offers: LotOffers };

function lineOf(demand: Demand, from: LineFrom): MealPlanLine {
  return {
    lineId: demand.lineId,
    grams: demand.grams,
    isOptional: demand.optional,
    strongShare: demand.maxStrongHerbShare,
    fillers: demand.fillers.map((filler) => fillerOf(filler, demand, from)),
  };
}

function fillerOf(filler: AllowedFiller, demand: Demand, from: LineFrom): MealPlanFiller {
  const { ingredient, gramsPerGram, minShare, maxShare, facts } = filler;
  const isUncooked = from.formula.lines.find((line) => line.id === demand.lineId)?.cook === null;
  const sources = from.offers.offers
    .filter((offer) => offer.ingredient === ingredient && (offer.lines?.has(demand.lineId) ?? true))
    .map(({ lotId, fit }) => {
      const lot = from.kitchen.stock.find((one) => one.lotId === lotId);
      const { perGram, toDo, part } = fit;
      const clock = isUncooked ? (lot?.safeDays ?? null) : null;
      return { lotId, perGram, toDo, work: workOf(toDo), part, clock };
    });
  const bought = sources.length > 0 ? buyingPenalty.moreOfTheSame : buyingPenalty.missing;
  const price = from.kitchen.staples.has(ingredient) ? 0 : demand.optional ? null : bought;
  return { ingredient, gramsPerGram, minShare, maxShare, isStrong: isStrong(facts), price, from: sources };
}
