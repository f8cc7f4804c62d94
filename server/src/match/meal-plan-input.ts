import { accept } from "@apron/core/measure";
import type { UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import { problemFor } from "./meal-plan-problem.ts";

/** What planning the coming days needs to know, as one value: it is solved in the browser. */
export const mealPlanInput: UseCase<"mealPlanInput"> = async ({ body }, context) => {
  const problem = await problemFor(body, context);
  const used = problem.dishes.flatMap(({ lines, bought }) => [
    ...lines.flatMap((line) => line.fillers.map((filler) => filler.ingredient)),
    ...bought.map((one) => one.ingredient),
  ]);
  const names = Object.fromEntries([...new Set(used)].map((id) => [id, nameFor(context, id)]));
  return accept({ problem, names, today: context.today });
};

/** The plan itself, for whoever has no solver: worked out in a thread, within a time. */
export const solveMealPlan: UseCase<"solveMealPlan"> = async ({ body }, context) => {
  const problem = await problemFor(body.wish, context);
  const solved = await context.workers.run("solveMealPlan", problem, body.seconds);
  return accept({ today: context.today, plan: solved?.written ?? null, proof: solved?.proof ?? null });
};
