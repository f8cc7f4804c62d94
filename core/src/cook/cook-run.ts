import { needsHands, type TaskKind } from "../plan/index.ts";
import type { CookAct, CookEvent } from "./cook-event.ts";

/** A task of a plan as a run needs it. */
export type RunTask = {
  readonly id: string;
  readonly dish: string;
  readonly kind: TaskKind;
  readonly isHot: boolean;
  readonly minutes: { readonly low: number; readonly high: number };
  /** When it was planned to start, in milliseconds of the clock. */
  readonly plannedAt: number;
};

/** What has become of a task. */
export type TaskState = {
  readonly startedAt: number | null;
  readonly endedAt: number | null;
  readonly isSkipped: boolean;
  /** Minutes that "not yet" added. */
  readonly extraMin: number;
};

export type Addition = Extract<CookAct, { kind: "added" }> & Pick<CookEvent, "id" | "at">;

/** What a run has come to: a function of its events alone, in whatever order they arrive. */
export type CookRun = {
  readonly states: ReadonlyMap<string, TaskState>;
  readonly additions: readonly Addition[];
  readonly isPaused: boolean;
  /** The last event that still counts, to be undone. */
  readonly last: CookEvent | undefined;
};

const msPerMinute = 60_000;
const untouched: TaskState = { startedAt: null, endedAt: null, isSkipped: false, extraMin: 0 };

/** What runs without hands: its end is said, or comes with its time. */
export const runsByItself = ({ kind }: RunTask): boolean => !needsHands(kind);

/** "dip/0" of "dip/0/put-in": the step that a task belongs to. */
export const stepOf = (id: string): string => id.slice(0, id.lastIndexOf("/"));

/** What a dish goes on with: the rest is got ready, looked at or cleaned up beside it. */
const goesOnWith = (kind: TaskKind): boolean => kind === "take-out" || kind === "work" || kind === "put-in";

/** Events that count, in the order in which they happened; each id once, of the undone none. */
function countedEvents(events: readonly CookEvent[]): CookEvent[] {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()];
  const undone = new Set(unique.flatMap((event) => (event.act.kind === "undone" ? [event.act.event] : [])));
  return unique
    .filter(({ id, act }) => act.kind !== "undone" && !undone.has(id))
    .sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1));
}

/** What begins by itself when a task is done: what was planned to stand or cook right after it, in its own dish. */
export function startedBy(task: RunTask, tasks: readonly RunTask[]): RunTask | undefined {
  if (!goesOnWith(task.kind)) return undefined;
  const [next] = tasks
    .filter((other) => other.dish === task.dish && other.plannedAt > task.plannedAt)
    .filter(({ kind }) => kind === "by-itself" || goesOnWith(kind))
    .sort((a, b) => a.plannedAt - b.plannedAt);
  if (next?.kind !== "by-itself") return undefined;
  const isOwn = stepOf(next.id) === stepOf(task.id);
  return task.kind === "take-out" || isOwn || !next.isHot ? next : undefined;
}

/** Was it to have stood by then? What chills while something else is done beside it goes on. */
const hasStoodBy = (stands: RunTask, task: RunTask): boolean =>
  stands.plannedAt + stands.minutes.high * msPerMinute <= task.plannedAt;

/**
 * What is over when a task is done, though nobody said so: getting ready and heating up for it, what was taken out, what had
 * stood until now, and looks at it that were left.
 */
function endedBy(task: RunTask, tasks: readonly RunTask[]): RunTask[] {
  if (!goesOnWith(task.kind)) return [];
  const isOfStep = ({ id }: RunTask): boolean => stepOf(id) === stepOf(task.id);
  const before = tasks.filter(
    (one) =>
      isOfStep(one) && (one.kind === "prepare" || (one.kind === "warm-up" && task.kind !== "take-out")),
  );
  const alone = tasks
    .filter(({ dish, plannedAt }) => dish === task.dish && plannedAt < task.plannedAt)
    .filter((one) => one.kind === "by-itself" && (one.isHot ? isOfStep(one) : hasStoodBy(one, task)));
  const looks = tasks.filter(
    ({ id, kind }) => kind === "look" && alone.some((one) => stepOf(one.id) === stepOf(id)),
  );
  return [...before, ...alone, ...looks];
}

const standsOrCooks: readonly TaskKind[] = ["by-itself", "take-out", "look"];

/** What is done once more with a task: what stands or cooks after it in its step, and is looked at and taken out. */
const repeatedWith = (task: RunTask, tasks: readonly RunTask[]): RunTask[] => [
  task,
  ...tasks.filter(({ id, kind }) => stepOf(id) === stepOf(task.id) && standsOrCooks.includes(kind)),
];

/** Is it work that may be done once more? */
export const isRepeatable = ({ kind }: Pick<RunTask, "kind">): boolean =>
  kind === "work" || kind === "put-in" || kind === "prepare";

type States = Map<string, TaskState>;

function change(states: States, id: string, more: Partial<TaskState>): void {
  states.set(id, { ...(states.get(id) ?? untouched), ...more });
}

function end(
  states: States,
  id: string,
  { at, isSkipped }: { readonly at: number; readonly isSkipped: boolean },
): void {
  const now = states.get(id) ?? untouched;
  // Who says it first is right; a second tablet's tap changes nothing.
  if (now.endedAt !== null) return;
  change(states, id, { startedAt: now.startedAt ?? at, endedAt: at, isSkipped });
}

function begin(states: States, id: string, at: number): void {
  if ((states.get(id) ?? untouched).startedAt === null) change(states, id, { startedAt: at });
}

function take(states: States, { at, act }: CookEvent, tasks: readonly RunTask[]): void {
  const task = "task" in act ? tasks.find(({ id }) => id === act.task) : undefined;
  if (!task) return;
  switch (act.kind) {
    case "started":
      return begin(states, task.id, at);
    case "not-yet":
      return change(states, task.id, {
        extraMin: (states.get(task.id) ?? untouched).extraMin + act.minutes,
      });
    case "again":
      for (const { id } of repeatedWith(task, tasks)) states.set(id, untouched);
      return;
    case "done":
    case "skipped": {
      const isSkipped = act.kind === "skipped";
      end(states, task.id, { at, isSkipped });
      for (const { id } of endedBy(task, tasks)) end(states, id, { at, isSkipped: false });
      const next = startedBy(task, tasks);
      if (next) begin(states, next.id, at);
    }
  }
}

/** Folds events to what is so now. The same events give the same run in any order, once or several times over. */
export function foldRun(tasks: readonly RunTask[], events: readonly CookEvent[]): CookRun {
  const counted = countedEvents(events);
  const states: States = new Map(tasks.map(({ id }) => [id, untouched]));
  for (const event of counted) take(states, event, tasks);
  const pauses = counted.filter(({ act }) => act.kind === "paused" || act.kind === "resumed");
  return {
    states,
    additions: counted.flatMap(({ id, at, act }) => (act.kind === "added" ? [{ ...act, id, at }] : [])),
    isPaused: pauses.at(-1)?.act.kind === "paused",
    last: counted.at(-1),
  };
}

/** When something that has begun should be over, in milliseconds: at its long end, and "not yet" added. */
export const dueAt = ({ minutes }: RunTask, { startedAt, extraMin }: TaskState): number =>
  (startedAt ?? 0) + (minutes.high + extraMin) * msPerMinute;

/** When something that has begun may be done at the soonest. */
export const soonestAt = ({ minutes }: RunTask, { startedAt }: TaskState): number =>
  (startedAt ?? 0) + minutes.low * msPerMinute;

/** What needs nobody to end it: heating up, and what only stands, are over with their time. */
const endsWithItsTime = (task: RunTask): boolean =>
  task.kind === "warm-up" || (task.kind === "by-itself" && !task.isHot);

export type TaskStatus = "waiting" | "running" | "ended";

/** What a task is at a moment. */
export function statusAt(task: RunTask, run: CookRun, now: number): TaskStatus {
  const state = run.states.get(task.id) ?? untouched;
  if (state.endedAt !== null) return "ended";
  if (state.startedAt === null) return "waiting";
  return endsWithItsTime(task) && dueAt(task, state) <= now ? "ended" : "running";
}

export const stateOf = (run: CookRun, id: string): TaskState => run.states.get(id) ?? untouched;
