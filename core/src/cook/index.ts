export { limitingLine, type Limiting } from "./limiting-line.ts";
export { preparationsFor, saidIn, type Preparation } from "./preparations.ts";
export { measureOut, type MeasuredAmount } from "./kitchen-measures.ts";
export {
  dishWeight,
  planMake,
  type MakeIssue,
  type MakeKitchen,
  type MakeLine,
  type MakePart,
  type MakePlan,
  type OtherLot,
} from "./plan-make.ts";
export {
  believableOutput,
  recordedOutput,
  reconcileBatch,
  type OnHandLot,
  type SettleIssue,
  type UsedPart,
} from "./reconcile-batch.ts";
export {
  settleMake,
  weightOfPart,
  withoutKept,
  type KeptPart,
  type KeptShare,
  type SettledMake,
  type Share,
} from "./kept-apart.ts";
export { roundingEffects, type RoundingEffect } from "./rounding-effect.ts";
export { madeFigures, type MadeFigures, type MadePart } from "./made-figures.ts";
export { pouring, type Pouring } from "./pour-down.ts";
export { cookLessons, type CookLesson } from "./cook-lessons.ts";
export { runTasks } from "./run-tasks.ts";
export {
  atHandOf,
  remediesFor,
  tasteBalance,
  type AtHand,
  type Remedy,
  type TasteBalance,
  type TastedPart,
} from "./taste-balance.ts";
export { tasteWords, type CookAct, type CookEvent, type TasteWord } from "./cook-event.ts";
export {
  foldRun,
  runsByItself,
  stateOf,
  statusAt,
  type Addition,
  type CookRun,
  type RunTask,
} from "./cook-run.ts";
export { runPlan, type PlanToCook, type RunPlan } from "./run-plan.ts";
export { remindersAt, timersAt, type Cooking, type Reminder, type Timer } from "./timers.ts";
export { agendaAt, canBeginEarly, doneBefore, isAllDone, type Agenda, type AgendaItem } from "./agenda.ts";
