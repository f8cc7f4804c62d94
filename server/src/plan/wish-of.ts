import type { PlanWish } from "@apron/contract";
import { accept, refuse } from "@apron/core/measure";
import {
  leftByAll,
  longestPlanMin,
  quietSpans,
  type CookTime,
  type DishToCook,
  type PlanWish as CoreWish,
} from "@apron/core/plan";
import { withTonightsChanges } from "@apron/core/recipes";
import { inTurn } from "../context/in-turn.ts";
import { notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext } from "../context/request-context.ts";
import { lessonsOf } from "./cook-times.ts";
import { expandedRecipe } from "../recipes/library.ts";

const msPerMinute = 60_000;

/** Whole minutes from one instant to another; what is left of a minute is dropped. */
export const minutesAfter = (from: Date, at: string): number =>
  Math.floor((Date.parse(at) - from.getTime()) / msPerMinute);

export const instantOf = (from: Date, minutes: number): string =>
  new Date(from.getTime() + minutes * msPerMinute).toISOString();

/** The minute that it is. */
export const thisMinute = (now: Date): Date =>
  new Date(Math.floor(now.getTime() / msPerMinute) * msPerMinute);

type Asked = { readonly index: number; readonly lessons: readonly CookTime[] };

async function dishOf(
  wish: PlanWish,
  { index, lessons }: Asked,
  context: RequestContext,
): Promise<Answer<DishToCook>> {
  const asked = wish.dishes[index];
  if (!asked) return notFound("recipe-unknown", "dishes");
  const { key, recipeId, batches, isMade, changes } = asked;
  const recipe = await expandedRecipe(recipeId, context);
  if (!recipe) return notFound("recipe-unknown", `dishes.${index}.recipeId`);
  const { catalogue } = context;
  const changed = withTonightsChanges(recipe.formula, changes, { catalogue, batches });
  if (!changed.ok) return refuseWith(changed.issue, `dishes.${index}.changes`);
  const formula = changed.value;
  const given = wish.times.filter((one) => one.dish === key);
  const times = given.map(({ step, workMin, byItself }) => [step, { workMin, byItself }] as const);
  const ways = new Map(asked.ways.map(({ step, way }) => [step, way]));
  return accept({ id: key, formula, batches, times: new Map(times), ways, lessons, isMade });
}

async function dishesOf(wish: PlanWish, context: RequestContext): Promise<Answer<DishToCook[]>> {
  const twice = wish.dishes.findIndex(({ key }, i) => wish.dishes.slice(0, i).some((one) => one.key === key));
  if (twice >= 0) return refuseWith({ code: "listed-twice" }, `dishes.${twice}.key`);
  const lessons = await lessonsOf(context);
  const dishes = await inTurn(
    wish.dishes.map((_, i) => i),
    (index) => dishOf(wish, { index, lessons }, context),
  );
  const refused = dishes.find((one) => !one.ok);
  return refused && !refused.ok ? refused : accept(dishes.flatMap((one) => (one.ok ? [one.value] : [])));
}

function awayOf(
  wish: PlanWish,
  { from, tableAt, timeZone }: { readonly from: Date; readonly tableAt: number; readonly timeZone: string },
): CoreWish["away"] {
  const home = wish.homeAt === null ? 0 : minutesAfter(from, wish.homeAt);
  const nights = wish.quiet ? quietSpans(wish.quiet, { start: from, minutes: tableAt, timeZone }) : [];
  return [...(home > 0 ? [{ from: 0, to: home }] : []), ...nights];
}

/** A wish as the core plans it, in minutes after `from`; refused where its hour is past or two weeks off. */
export async function wishOf(wish: PlanWish, from: Date, context: RequestContext): Promise<Answer<CoreWish>> {
  const tableAt = minutesAfter(from, wish.tableAt);
  if (tableAt <= 0) return refuse({ status: 422, code: "plan-table-past", field: "tableAt" });
  if (tableAt > longestPlanMin) return refuse({ status: 422, code: "plan-too-far", field: "tableAt" });
  const turned = wish.times.findIndex(({ byItself }) => byItself !== null && byItself.low > byItself.high);
  if (turned >= 0) return refuseWith({ code: "low-over-high" }, `times.${turned}.byItself`);
  if (wish.crew.length > 0 && wish.crew.length !== wish.cooks)
    return refuse({ status: 422, code: "plan-crew-count", field: "crew" });
  const nobody = leftByAll(wish.crew);
  if (nobody)
    return refuse({ status: 422, code: "plan-nobody-does", field: "crew", measurements: { skill: nobody } });
  const dishes = await dishesOf(wish, context);
  if (!dishes.ok) return dishes;
  const { places } = wish;
  return accept({
    dishes: dishes.value,
    tableAt,
    places: { ...places, hasOven: places.trays > 0 },
    cooks: wish.cooks,
    crew: wish.crew,
    away: awayOf(wish, { from, tableAt, timeZone: context.session.kitchen.timeZone }),
    fixed: wish.fixed.map(({ task, at }) => ({ task, start: minutesAfter(from, at) })),
  });
}
