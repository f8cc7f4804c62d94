import type { TaskKind } from "../plan/index.ts";
import { isHot, type StepTool } from "../recipes/index.ts";
import type { RunTask } from "./cook-run.ts";

/** A task of a kept plan, as far as a run needs it. */
export type PlannedTask = {
  readonly id: string;
  readonly dish: string;
  readonly kind: TaskKind;
  readonly tool: StepTool | null;
  readonly minutes: { readonly low: number; readonly high: number };
};

/** The tasks of a kept plan as a run folds them; `starts` by task and `from` (its first minute) are UTC instants, ISO 8601. */
export function runTasks(
  tasks: readonly PlannedTask[],
  { starts, from }: { readonly starts: readonly { task: string; at: string }[]; readonly from: string },
): RunTask[] {
  const at = new Map(starts.map((start) => [start.task, Date.parse(start.at)]));
  return tasks.map(({ id, dish, kind, tool, minutes }) => ({
    ...{ id, dish, kind, minutes, isHot: isHot(tool) },
    plannedAt: at.get(id) ?? Date.parse(from),
  }));
}
