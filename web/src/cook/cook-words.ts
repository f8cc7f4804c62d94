import type { CookAct, IngredientSummary, PlanTask } from "@apron/contract";
import { nameOf, type Dialect } from "@apron/core/catalogue";
import { taskWords } from "@apron/core/plan";

/** What the button says that ends a step, or starts what then runs by itself. */
export function doneWords({ kind, tool }: PlanTask): string {
  if (kind === "warm-up") return "It's on";
  if (kind === "put-in") return tool === "oven" ? "It's in" : "It's on";
  return kind === "by-itself" ? "Start" : "Done";
}

/** What says that a step is over, or that what then runs by itself has begun. */
export const endingAct = ({ id, kind }: PlanTask): CookAct =>
  kind === "warm-up" || kind === "by-itself" ? { kind: "started", task: id } : { kind: "done", task: id };

/** What a timer is of: the step's own words, or the heating up. */
export const timerWords = (task: PlanTask): string => {
  if (task.kind === "warm-up") return taskWords(task);
  return task.text === "" ? taskWords({ ...task, kind: "put-in" }) : task.text;
};

/** What it is to say that something is done: it is taken out, or goes on where it is. */
export function endingWords(ending: Pick<PlanTask, "staysOn"> | undefined): string {
  if (!ending) return "Done";
  return ending.staysOn ? "Done, on with the next step" : "Done, taken out";
}

/** "8 min late", of a table that is later than it was to be; "" where it is not. */
export function lateWords(tableAt: number, wanted: number): string {
  const minutes = Math.round((tableAt - wanted) / 60_000);
  return minutes > 0 ? `${minutes} min late` : "";
}

/** A name for an ingredient that a recipe does not have. */
export function ingredientName(id: string, known: readonly IngredientSummary[], dialect: Dialect): string {
  const one = known.find((ingredient) => ingredient.id === id);
  return one ? nameOf(one, dialect) : "";
}
