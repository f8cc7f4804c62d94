import {
  replan,
  table,
  type Course,
  type Happened,
  type Limits,
  type Problem,
  type Replanned,
} from "../plan/index.ts";
import { dueAt, runsByItself, stateOf, statusAt, type CookRun, type RunTask } from "./cook-run.ts";

/** A plan that is being cooked: its problem, and its minute 0 on the clock in milliseconds. */
export type PlanToCook = {
  readonly problem: Problem;
  readonly from: number;
  readonly tableAt: number;
  readonly tasks: readonly RunTask[];
  readonly cooks: number;
};

/** How a plan goes on: when what is left starts, and when all is on the table; milliseconds of the clock. */
export type RunPlan = {
  readonly starts: ReadonlyMap<string, number>;
  readonly tableAt: number;
  readonly keepsWaits: boolean;
};

const msPerMinute = 60_000;

type Moment = { readonly plan: PlanToCook; readonly run: CookRun; readonly now: number };

/** What has ended and what runs, in minutes of the plan. */
function happenedBy({ plan, run, now }: Moment): Happened {
  const minuteOf = (at: number): number => Math.round((at - plan.from) / msPerMinute);
  const [ended, running] = [new Map<string, Course>(), new Map<string, Course>()];
  for (const task of plan.tasks) {
    const state = stateOf(run, task.id);
    const status = statusAt(task, run, now);
    if (status === "waiting") continue;
    const start = minuteOf(state.startedAt ?? now);
    const over = state.endedAt ?? Math.max(dueAt(task, state), status === "running" ? now : 0);
    const course = { start, end: Math.max(start, minuteOf(over)) };
    (status === "ended" ? ended : running).set(task.id, course);
  }
  return { ended, running };
}

function replanned(
  moment: Moment,
  known: { starts: ReadonlyMap<string, number>; happened: Happened },
  limits: Limits,
) {
  const { plan, now } = moment;
  const minute = Math.floor((now - plan.from) / msPerMinute);
  return replan(
    { problem: plan.problem, starts: known.starts, happened: known.happened, now: minute },
    limits,
  );
}

const plannedMinutes = ({ tasks, from, tableAt }: PlanToCook): Map<string, number> =>
  new Map([
    ...tasks.map(({ id, plannedAt }) => [id, Math.round((plannedAt - from) / msPerMinute)] as const),
    [table, Math.round((tableAt - from) / msPerMinute)],
  ]);

/** What the hands are at: of what waits for them, what should have begun first, as many as there are cooks. */
function atHand({ plan, run, now }: Moment, starts: ReadonlyMap<string, number>): RunTask[] {
  const minute = (now - plan.from) / msPerMinute;
  const startOf = ({ id }: RunTask): number => starts.get(id) ?? Number.POSITIVE_INFINITY;
  return plan.tasks
    .filter(
      (task) => !runsByItself(task) && statusAt(task, run, now) === "waiting" && startOf(task) <= minute,
    )
    .sort((a, b) => startOf(a) - startOf(b))
    .slice(0, plan.cooks);
}

/** Is something that should have ended, or begun, still waiting? Then the rest moves. */
function isBehind(moment: Moment, starts: ReadonlyMap<string, number>): boolean {
  const { plan, run, now } = moment;
  const minute = Math.floor((now - plan.from) / msPerMinute);
  const busy = new Set(atHand(moment, starts).map(({ id }) => id));
  return plan.tasks.some((task) => {
    const status = statusAt(task, run, now);
    if (status === "running") return dueAt(task, stateOf(run, task.id)) < now;
    if (status === "ended") return false;
    const start = starts.get(task.id) ?? minute;
    return busy.has(task.id) ? start + Math.round(task.minutes.high) < minute : start < minute;
  });
}

/**
 * How a run goes on at a moment. What was said last began a course; as long as that is kept nothing moves, and when it is
 * not, what is at hand is taken to go on and the rest follows. A function of the events and the time: every tablet has
 * the same.
 */
export function runPlan(moment: Moment, limits: Limits): RunPlan {
  const { plan, run } = moment;
  const planned = plannedMinutes(plan);
  const clockOf = (minute: number): number => plan.from + minute * msPerMinute;
  const onClock = ({ starts, tableAt, keepsWaits }: Replanned): RunPlan => ({
    starts: new Map([...starts].map(([id, minute]) => [id, clockOf(minute)])),
    ...{ tableAt: clockOf(tableAt), keepsWaits },
  });
  const asPlanned: Replanned = { starts: planned, tableAt: planned.get(table) ?? 0, keepsWaits: true };
  const said = run.last ? { ...moment, now: Math.min(moment.now, run.last.at) } : undefined;
  const course = said ? replanned(said, { starts: planned, happened: happenedBy(said) }, limits) : asPlanned;
  const known = course ?? asPlanned;
  const starts = new Map([...planned, ...known.starts]);
  if (!isBehind(moment, starts)) return onClock(known);
  const happened = happenedBy(moment);
  const minute = Math.floor((moment.now - plan.from) / msPerMinute);
  const running = new Map(happened.running);
  for (const task of atHand(moment, starts)) {
    const start = starts.get(task.id) ?? minute;
    running.set(task.id, { start, end: Math.max(start + Math.round(task.minutes.high), minute) });
  }
  const late = replanned(
    moment,
    { starts: new Map([...starts, [table, planned.get(table) ?? 0]]), happened: { ...happened, running } },
    limits,
  );
  return onClock(late ? { ...late, starts: new Map([...known.starts, ...late.starts]) } : known);
}
