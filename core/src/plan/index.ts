export {
  needsHands,
  taskKinds,
  usualPlaces,
  type CookingPlaces,
  type CookingTask,
  type DishToCook,
  type TaskKind,
} from "./cooking-task.ts";
export { chooseWays, inChosenWay, type ChosenWay } from "./choose-ways.ts";
export { leftByAll, skills, whoDoes, type Cook, type Skill } from "./crew.ts";
export { learnedTime, type CookedFood, type CookTime, type LearnedTime } from "./cooked-food.ts";
export { timesOfFood, type TimesOfFood } from "./times-of-food.ts";
export { explainImpossible, type Clash, type Explanation, type Remedy } from "./explain-impossible.ts";
export {
  draftPlan,
  earliestTable,
  lackingPlace,
  longestPlanMin,
  solvePlan,
  type Drafted,
  type FixedStart,
  type PlanWish,
  type PlanSolved,
} from "./plan-dishes.ts";
export type { Problem, Schedule, Span } from "./problem.ts";
export { quietSpans, type QuietHours } from "./quiet-hours.ts";
export type { Limits } from "./search.ts";
export { linesOfTask } from "./lines-of-task.ts";
export { timesFrom, type TimesFrom } from "./step-times.ts";
export { table } from "./tasks-of-dish.ts";
export { verifySchedule, type Violation } from "./verify-schedule.ts";
export { taskWords, type SpokenTask } from "./task-words.ts";
export { replan, type Course, type Happened, type Replanned } from "./replan.ts";
export { handling } from "./tables/hand-times.ts";
