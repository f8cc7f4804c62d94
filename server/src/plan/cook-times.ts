import { accept } from "@apron/core/measure";
import { timesOfFood } from "@apron/core/plan";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

/** As many of the latest times of cooking as this kitchen learns from. */
const mostLessons = 500;

/** What this kitchen's cooks took, oldest first. */
export const lessonsOf = ({ stores }: RequestContext) => stores.plans.cookTimes(mostLessons);

/** How long an ingredient took here, way by way. */
export const cookTimesOf: UseCase<"cookTimesOf"> = async ({ params }, context) => {
  const { catalogue } = context;
  if (!catalogue.ingredients.has(params.id)) return notFound("ingredient-unknown");
  return accept(timesOfFood(params.id, await lessonsOf(context), catalogue));
};
