import { expect } from "@jest/globals";
import { referenceCatalogue as catalogue } from "../src/catalogue/reference.ts";
import {
  draftPlan,
  solvePlan,
  verifySchedule,
  type CookingTask,
  type PlanSolved,
  type PlanWish,
} from "../src/plan/index.ts";

export const asLongAsItTakes = { goOn: () => true };

/** The plan of a wish, checked by the code that did not make it; with the minutes at which its tasks start and end. */
export function planned(wish: PlanWish): PlanSolved & {
  readonly at: (task: string) => number;
  readonly end: (task: string) => number;
  readonly infos: ReadonlyMap<string, CookingTask>;
} {
  const { problem, infos } = draftPlan(wish, wish.tableAt, catalogue);
  const solved = solvePlan(problem, wish.tableAt, asLongAsItTakes);
  if (!solved || solved === "gave-up") throw new Error("no plan");
  expect(verifySchedule(problem, solved.schedule)).toEqual([]);
  const at = (task: string): number => solved.schedule.get(task)?.start ?? Number.NaN;
  const minutes = (task: string): number =>
    problem.tasks.find(({ id }) => id === task)?.modes[0]?.minutes ?? Number.NaN;
  return { ...solved, infos, at, end: (task) => at(task) + minutes(task) };
}
