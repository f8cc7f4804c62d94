import {
  dueAt,
  runsByItself,
  soonestAt,
  stateOf,
  statusAt,
  stepOf,
  type CookRun,
  type RunTask,
} from "./cook-run.ts";

/** Something that runs by itself: since when, when to look, when it should be over. Milliseconds of the clock. */
export type Timer = {
  readonly task: string;
  readonly dish: string;
  readonly startedAt: number;
  readonly soonestAt: number;
  readonly dueAt: number;
  /** `look`: it may be done, or is to be turned; `over`: its time has passed. */
  readonly stage: "running" | "look" | "over";
  /** The task by which its end is said: taking it out. Null of what is over by itself. */
  readonly endedBy: string | null;
};

/** A turn or a look that a timer asks for, and when. */
export type Reminder = { readonly task: string; readonly dish: string; readonly at: number };

function timerOf(task: RunTask, { tasks, run, now }: Cooking): Timer {
  const state = stateOf(run, task.id);
  const [soonest, due] = [soonestAt(task, state), dueAt(task, state)];
  const takeOut = tasks.find(({ id, kind }) => kind === "take-out" && stepOf(id) === stepOf(task.id));
  const mayBeDone = takeOut !== undefined && soonest < due && soonest <= now;
  return {
    ...{ task: task.id, dish: task.dish, startedAt: state.startedAt ?? now, soonestAt: soonest, dueAt: due },
    stage: due <= now ? "over" : mayBeDone ? "look" : "running",
    endedBy: task.kind === "by-itself" ? (takeOut?.id ?? null) : null,
  };
}

/** A run at a moment. */
export type Cooking = { readonly tasks: readonly RunTask[]; readonly run: CookRun; readonly now: number };

/** All timers at a moment, the first to be over first: a function of what was said and the time it is. */
export const timersAt = (cooking: Cooking): Timer[] =>
  cooking.tasks
    .filter((task) => runsByItself(task) && statusAt(task, cooking.run, cooking.now) === "running")
    .map((task) => timerOf(task, cooking))
    .sort((a, b) => a.dueAt - b.dueAt);

/** Looks that are still to come of what is cooking: as long after it really began as they were planned after it. */
export function remindersAt({ tasks, run, now }: Cooking): Reminder[] {
  return tasks
    .filter(({ id, kind }) => kind === "look" && stateOf(run, id).endedAt === null)
    .flatMap((look) => {
      const parent = tasks.find((one) => one.kind === "by-itself" && stepOf(one.id) === stepOf(look.id));
      if (!parent || statusAt(parent, run, now) !== "running") return [];
      const began = stateOf(run, parent.id).startedAt ?? now;
      return [{ task: look.id, dish: look.dish, at: began + (look.plannedAt - parent.plannedAt) }];
    })
    .sort((a, b) => a.at - b.at);
}
