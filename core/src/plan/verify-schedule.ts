import { modeOf, type Moment, type Placed, type Problem, type Schedule, type Task } from "./problem.ts";

/** What a schedule breaks. Tasks are by their ids. */
export type Violation =
  | { readonly kind: "not-placed" | "no-such-mode" | "not-whole" | "outside-window"; readonly task: string }
  | { readonly kind: "lag-broken"; readonly lag: number }
  | { readonly kind: "over-capacity" | "closed"; readonly resource: string; readonly at: number }
  | { readonly kind: "not-apart"; readonly separation: number };

type Run = { readonly task: Task; readonly start: number; readonly end: number; readonly placed: Placed };

function runsOf(problem: Problem, schedule: Schedule): { runs: Map<string, Run>; violations: Violation[] } {
  const runs = new Map<string, Run>();
  const violations: Violation[] = [];
  for (const task of problem.tasks) {
    const placed = schedule.get(task.id);
    const mode = placed && modeOf(task, placed);
    if (!placed || !mode) {
      violations.push({ kind: placed ? "no-such-mode" : "not-placed", task: task.id });
      continue;
    }
    const end = placed.start + mode.minutes;
    if (!Number.isInteger(placed.start)) violations.push({ kind: "not-whole", task: task.id });
    if (placed.start < task.window.from || end > task.window.to)
      violations.push({ kind: "outside-window", task: task.id });
    runs.set(task.id, { task, start: placed.start, end, placed });
  }
  return { runs, violations };
}

function brokenLags(problem: Problem, runs: ReadonlyMap<string, Run>): Violation[] {
  const when = ({ task, at }: Moment): number | undefined => runs.get(task)?.[at];
  return problem.lags.flatMap((lag, index) => {
    const [from, to] = [when(lag.from), when(lag.to)];
    if (from === undefined || to === undefined) return [];
    const isKept = to - from >= (lag.least ?? -Infinity) && to - from <= (lag.most ?? Infinity);
    return isKept ? [] : [{ kind: "lag-broken", lag: index }];
  });
}

const amountOf = ({ task, placed }: Run, resource: string): number =>
  (modeOf(task, placed)?.uses ?? []).reduce(
    (sum, use) => sum + (use.resource === resource ? use.amount : 0),
    0,
  );

/** Minute by minute, forward: what is in use together, and whether it may be. */
function overuse(problem: Problem, runs: readonly Run[]): Violation[] {
  return problem.resources.flatMap(({ id, capacity, closed }): Violation[] => {
    const users = runs.filter((run) => amountOf(run, id) > 0 && run.end > run.start);
    const moments = [...new Set(users.map((run) => run.start))];
    const over = moments.filter((at) => {
      const together = users.filter((run) => run.start <= at && at < run.end);
      return together.reduce((sum, run) => sum + amountOf(run, id), 0) > capacity;
    });
    const shut = users.filter((run) => closed.some((span) => run.start < span.to && span.from < run.end));
    return [
      ...over.map((at): Violation => ({ kind: "over-capacity", resource: id, at })),
      ...shut.map((run): Violation => ({ kind: "closed", resource: id, at: run.start })),
    ];
  });
}

function notApart(problem: Problem, runs: ReadonlyMap<string, Run>): Violation[] {
  return problem.separations.flatMap(({ resource, tasks, gaps }, index) => {
    const users = tasks.flatMap((task) => runs.get(task) ?? []);
    const [first, second] = users.filter((run) => amountOf(run, resource) > 0 && run.end > run.start);
    if (!first || !second) return [];
    const isApart = second.start >= first.end + gaps[0] || first.start >= second.end + gaps[1];
    return isApart ? [] : [{ kind: "not-apart", separation: index }];
  });
}

/**
 * Everything that a schedule breaks, found by walking it forward in time; empty where it holds. Shares nothing with the
 * engine that makes schedules: none is shown that this has not passed.
 */
export function verifySchedule(problem: Problem, schedule: Schedule): Violation[] {
  const { runs, violations } = runsOf(problem, schedule);
  return [
    ...violations,
    ...brokenLags(problem, runs),
    ...overuse(problem, [...runs.values()]),
    ...notApart(problem, runs),
  ];
}
