import type { Catalogue } from "../catalogue/index.ts";
import { linesNamed, type Formula } from "../recipes/index.ts";
import type { CookingTask } from "./cooking-task.ts";

/** Lines of a task of a step: those that are got ready in it, or that the step names; of what is put on, all that is cooked. */
export function linesOfTask(
  { lineIds, kind, step }: Pick<CookingTask, "lineIds" | "kind" | "step">,
  formula: Formula,
  catalogue: Catalogue,
): readonly string[] {
  const said = step === null ? undefined : formula.steps[step];
  if (lineIds.length > 0 || !said || (kind !== "work" && kind !== "put-in")) return lineIds;
  const named = linesNamed(formula, said, catalogue);
  const cooked = kind === "put-in" ? formula.lines.filter((line) => line.cook !== null) : [];
  return (named.length > 0 ? named : cooked).map(({ id }) => id);
}
