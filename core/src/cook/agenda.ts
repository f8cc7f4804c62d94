import { isRepeatable, startedBy, stateOf, statusAt, type RunTask } from "./cook-run.ts";
import { remindersAt, type Cooking } from "./timers.ts";

/** Something for the hands, and when: milliseconds of the clock. */
export type AgendaItem = { readonly task: RunTask; readonly at: number };

/** What is for the hands now, and what comes after it. */
export type Agenda = { readonly now: readonly AgendaItem[]; readonly next: readonly AgendaItem[] };

/** Half a minute before its time a step is there: the hands need not wait for the clock. */
const earlyMs = 30_000;

/** Does another task begin it, so that nobody has to? */
const beginsByItself = (task: RunTask, tasks: readonly RunTask[]): boolean =>
  task.kind === "by-itself" && tasks.some((other) => startedBy(other, tasks)?.id === task.id);

/**
 * What the hands do now and next, by the plan as it goes on. A turn comes when what cooks has really cooked so long; what is
 * taken out is said at its timer.
 */
export function agendaAt(cooking: Cooking, starts: ReadonlyMap<string, number>): Agenda {
  const { tasks, run, now } = cooking;
  const reminders = new Map(remindersAt(cooking).map(({ task, at }) => [task, at]));
  const items = tasks
    .filter((task) => statusAt(task, run, now) === "waiting" && !beginsByItself(task, tasks))
    .map((task) => ({ task, at: reminders.get(task.id) ?? starts.get(task.id) ?? task.plannedAt }))
    .sort((a, b) => a.at - b.at || a.task.plannedAt - b.task.plannedAt);
  const isNow = ({ task, at }: AgendaItem): boolean =>
    at <= now + earlyMs && task.kind !== "take-out" && (task.kind !== "look" || reminders.has(task.id));
  const due = items.filter(isNow);
  return { now: due, next: items.filter((item) => !due.includes(item)) };
}

/** May it be begun before its time? What cooks is turned and taken out when it has cooked. */
export const canBeginEarly = ({ kind }: Pick<RunTask, "kind">): boolean =>
  kind !== "take-out" && kind !== "look";

/** Work that is done and could be done once more, what was done last first. */
export const doneBefore = ({ tasks, run, now }: Cooking): readonly RunTask[] =>
  tasks
    .filter((task) => isRepeatable(task) && statusAt(task, run, now) === "ended")
    .sort((a, b) => (stateOf(run, b.id).endedAt ?? 0) - (stateOf(run, a.id).endedAt ?? 0));

/** Is everything done or skipped? */
export const isAllDone = ({ tasks, run, now }: Cooking): boolean =>
  tasks.every((task) => statusAt(task, run, now) === "ended");
