import type { Lag, Moment, Problem, Schedule, Task } from "./problem.ts";
import type { Limits } from "./search.ts";
import { findSchedule, solveSchedule } from "./solve-schedule.ts";
import { longestPlanMin, solvePlan } from "./plan-dishes.ts";
import { table } from "./tasks-of-dish.ts";

/** When something began and ended, or is going to end; minutes of the plan. */
export type Course = { readonly start: number; readonly end: number };

/** What has become of a plan so far. What is in neither is still to come. */
export type Happened = {
  /** Done, skipped, or of no use any more. */
  readonly ended: ReadonlyMap<string, Course>;
  /** Begun; with the minute at which it should end. */
  readonly running: ReadonlyMap<string, Course>;
};

/** A plan as it goes on from `now`. */
export type Replanned = {
  /** Minutes at which what is still to come starts. */
  readonly starts: ReadonlyMap<string, number>;
  readonly tableAt: number;
  /** Every longest wait is kept; else food has stood, or is going to stand, longer than the recipe would have it. */
  readonly keepsWaits: boolean;
};

export type PlanToReplan = {
  readonly problem: Problem;
  readonly starts: ReadonlyMap<string, number>;
  readonly happened: Happened;
  readonly now: number;
};

type Way = { readonly release: "planned" | "now"; readonly keepsWaits: boolean; readonly isWeighed?: true };

/** Everything at the time that was planned, or later. */
const asPlanned: Way = { release: "planned", keepsWaits: true };

const momentOf = (course: Course, { at }: Moment): number => (at === "start" ? course.start : course.end);

/** When a task that is still to come may start, after what has ended or begun; and by when it should. */
function windowOf(task: Task, plan: PlanToReplan, way: Way): Task["window"] {
  let [from, to] = [plan.now, 2 * longestPlanMin];
  const minutes = task.modes[0]?.minutes ?? 0;
  for (const { from: first, to: then, least, most } of plan.problem.lags) {
    const { ended, running } = plan.happened;
    const course = then.task === task.id ? (ended.get(first.task) ?? running.get(first.task)) : undefined;
    if (!course) continue;
    const [began, ofStart] = [momentOf(course, first), then.at === "start" ? 0 : minutes];
    if (least !== null) from = Math.max(from, Math.ceil(began + least - ofStart));
    // What is over already cannot be kept: it is done as soon as there are hands for it.
    const latest = most === null ? to : Math.floor(began + most - ofStart) + minutes;
    if (way.keepsWaits && latest >= plan.now + minutes) to = Math.min(to, latest);
  }
  // As planned, unless what it belongs to began sooner: a turn after ten minutes comes after ten minutes.
  const planned = way.release === "planned" ? (plan.starts.get(task.id) ?? from) : from;
  return { from: planned <= to - minutes ? Math.max(from, planned) : from, to };
}

const withoutMost = (lag: Lag): Lag => ({ ...lag, most: null });

/** A task that has begun keeps its place for as long as it goes on; its hands are free where that could not be. */
function runningTask(task: Task, { start, end }: Course, way: Way): Task {
  const [mode] = task.modes;
  const uses = way.keepsWaits ? (mode?.uses ?? []) : [];
  const minutes = Math.max(0, Math.round(end - start));
  const from = Math.round(start);
  return {
    ...task,
    modes: [{ id: mode?.id ?? "only", minutes, uses }],
    window: { from, to: from + minutes },
    weight: 0,
  };
}

/** The problem that is left: what has ended is gone, what has begun stands where it is. */
function whatIsLeft(plan: PlanToReplan, way: Way): Problem {
  const { problem, happened, now } = plan;
  const tasks = problem.tasks
    .filter(({ id }) => !happened.ended.has(id))
    .map((task): Task => {
      const course = happened.running.get(task.id);
      if (course) return runningTask(task, course, way);
      return {
        ...task,
        window: windowOf(task, plan, way),
        // How soon the table can be is all that is asked first; freshness is, once it is worked backwards.
        weight: way.isWeighed ? task.weight : 0,
      };
    });
  const isToCome = (id: string): boolean => !happened.ended.has(id) && !happened.running.has(id);
  const isLeft = (id: string): boolean => !happened.ended.has(id);
  return {
    tasks,
    // What has begun waits for nothing; what waits for it does so by its window.
    lags: problem.lags
      .filter(({ from, to }) => isToCome(from.task) && isToCome(to.task))
      .map((lag) => (way.keepsWaits ? lag : withoutMost(lag))),
    resources: problem.resources.map((resource) => ({
      ...resource,
      // Whoever says that something is done is there.
      closed: resource.closed.filter((span) => span.to > now && span.from > now),
    })),
    separations: problem.separations.filter(({ tasks: [a, b] }) => isLeft(a) && isLeft(b)),
  };
}

type Placing = { readonly schedule: Schedule; readonly tableAt: number };

/** All on the table by an hour, at any of the times that are open; undefined where that cannot be, or is not found in time. */
function byTable(plan: PlanToReplan, tableAt: number, limits: Limits): Placing | undefined {
  const left = whatIsLeft(plan, asPlanned);
  const tasks = left.tasks.map((task) => ({
    ...task,
    window: { ...task.window, to: Math.min(task.window.to, tableAt) },
  }));
  const found = findSchedule({ ...left, tasks }, limits);
  return found.kind === "found" ? { schedule: found.schedule, tableAt } : undefined;
}

/** The soonest that all can be on the table, not before it was wanted. */
function soonestTable(plan: PlanToReplan, way: Way, limits: Limits): Placing | undefined {
  const solved = solveSchedule(whatIsLeft(plan, way), limits);
  if (solved.kind !== "solved") return undefined;
  const wanted = plan.starts.get(table) ?? plan.now;
  return {
    schedule: solved.schedule,
    tableAt: Math.max(wanted, solved.schedule.get(table)?.start ?? plan.now),
  };
}

/**
 * As far as the freshest way back is looked for while cooking: the first that are found are nearly as fresh as any, and the proof is
 * what takes time. Nodes and not minutes, so that every tablet finds the same.
 */
const nodesBackwards = 100;

function atMost(nodes: number, { goOn }: Limits): Limits {
  let left = nodes;
  return { goOn: () => left-- > 0 && goOn() };
}

/** What is left once more worked backwards from a table, as the plan was in the beginning. */
function backwards(plan: PlanToReplan, { tableAt }: Placing, limits: Limits): Schedule | undefined {
  const left = whatIsLeft(plan, { release: "now", keepsWaits: true, isWeighed: true });
  const tasks = left.tasks.map((task) =>
    task.id === table
      ? { ...task, window: { from: tableAt, to: tableAt } }
      : { ...task, window: { ...task.window, to: Math.min(task.window.to, tableAt) } },
  );
  const solved = solvePlan({ ...left, tasks }, tableAt, atMost(nodesBackwards, limits));
  return solved === undefined || solved === "gave-up" ? undefined : solved.schedule;
}

function goingOn(plan: PlanToReplan, { schedule, tableAt }: Placing, { keepsWaits }: Way): Replanned {
  const { ended, running } = plan.happened;
  const starts = [...schedule]
    .filter(([id]) => !ended.has(id) && !running.has(id))
    .map(([id, { start }]) => [id, start] as const);
  return { starts: new Map([...starts, [table, tableAt]]), tableAt, keepsWaits };
}

/**
 * The rest of a plan from what has happened so far: everything at the time that was planned where that still goes; else
 * worked backwards once more from the soonest table there can be. What has happened stays as it was. Undefined where the
 * limits came before any such plan.
 */
export function replan(plan: PlanToReplan, limits: Limits): Replanned | undefined {
  const onTime = byTable(plan, plan.starts.get(table) ?? plan.now, limits);
  if (onTime) return goingOn(plan, onTime, asPlanned);
  const anyTime: Way = { release: "now", keepsWaits: true };
  const sooner = soonestTable(plan, anyTime, limits);
  if (sooner) {
    // No later than that, and at the times that were planned, where it goes so.
    const stays = byTable(plan, sooner.tableAt, limits);
    if (stays) return goingOn(plan, stays, asPlanned);
    const schedule = backwards(plan, sooner, limits) ?? sooner.schedule;
    return goingOn(plan, { ...sooner, schedule }, anyTime);
  }
  const later = soonestTable(plan, asPlanned, limits);
  if (later) return goingOn(plan, later, asPlanned);
  const atOnce: Way = { release: "now", keepsWaits: false };
  const late = soonestTable(plan, atOnce, limits);
  return late && goingOn(plan, late, atOnce);
}
