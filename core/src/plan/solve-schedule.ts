import { at, openBounds, type Bounds } from "./bounds.ts";
import { compile, type Compiled } from "./compile.ts";
import { horizonOf } from "./horizon.ts";
import type { Problem, Schedule } from "./problem.ts";
import { propagate, searchBelow, span, weighedStarts, type Found, type Limits } from "./search.ts";

/** A schedule, how good it is and how much better another could be. */
type Solved = {
  readonly schedule: Schedule;
  /** Minutes from 0 to the last end; and the least that any schedule takes. */
  readonly span: number;
  readonly spanBound: number;
  /** Of the starts, weighed; `isProven`: no schedule of this span has less. */
  readonly weighed: number;
  readonly isProven: boolean;
};

export type Outcome =
  | ({ readonly kind: "solved" } & Solved)
  | { readonly kind: "impossible" }
  /** The limits were reached before there was a schedule. */
  | { readonly kind: "gave-up" };

const asSchedule = (problem: Problem, { starts, ways }: Found): Schedule =>
  new Map(
    problem.tasks.map((task, i) => [
      task.id,
      { start: starts[i] ?? 0, mode: task.modes[ways[i] ?? 0]?.id ?? "" },
    ]),
  );

/** Can all end by `end`, as far as propagation alone can tell? */
function mayEndBy(problem: Compiled, end: number): boolean {
  const bounds = openBounds(problem);
  return bounds !== undefined && span.below(bounds, end + 1) && propagate(bounds);
}

/**
 * The least span that propagation alone cannot rule out: in steps that double up to one that it cannot, since that is seldom far,
 * then halving between the last that it can and that.
 */
function leastSpan(bounds: Bounds): number {
  const { latest, shortest, problem } = bounds;
  let low = span.cost(bounds);
  const last = latest.reduce((most, start, i) => Math.max(most, start + at(shortest, i)), low);
  let high = low;
  for (let step = 1; high < last && !mayEndBy(problem, high); step *= 2) {
    low = high + 1;
    high = Math.min(last, high + step);
  }
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (mayEndBy(problem, middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

const weighedOf = (found: Found, problem: Compiled): number =>
  found.starts.reduce((sum, start, i) => sum + start * at(problem.weights, i), 0);

/** Windows without what no schedule needs: what cannot be is then found out soon. */
function withinHorizon(problem: Problem): Problem {
  const end = horizonOf(problem, Math.max(0, ...problem.tasks.map(({ window }) => window.from)));
  const tasks = problem.tasks.map((task) => ({
    ...task,
    window: { from: task.window.from, to: Math.min(task.window.to, end) },
  }));
  return { ...problem, tasks };
}

/** Found as soon as there is one. */
const anyCost = Number.MAX_SAFE_INTEGER;

/** The same problem where only time counts, and not what is fresh. */
export const weightless = (problem: Problem): Problem => ({
  ...problem,
  tasks: problem.tasks.map((task) => ({ ...task, weight: 0 })),
});

/** Any schedule at all: where only that is asked, none better is looked for. */
export function findSchedule(
  problem: Problem,
  limits: Limits,
): { readonly kind: "found"; readonly schedule: Schedule } | { readonly kind: "impossible" | "gave-up" } {
  // Weights would only lead the search to what is fresh before what is possible.
  const bounds = openBounds(compile(withinHorizon(weightless(problem))));
  if (!bounds || !propagate(bounds)) return { kind: "impossible" };
  const { best, isComplete } = searchBelow(
    bounds,
    { objective: span, most: Infinity, enough: anyCost },
    limits,
  );
  if (best) return { kind: "found", schedule: asSchedule(problem, best) };
  return { kind: isComplete ? "impossible" : "gave-up" };
}

/** The least last end that propagation alone cannot rule out; undefined of what it finds impossible. */
export function leastEnd(problem: Problem): number | undefined {
  const bounds = openBounds(compile(withinHorizon(problem)));
  return bounds && propagate(bounds) ? leastSpan(bounds) : undefined;
}

/**
 * The shortest schedule, and of those the one with the least weighed starts. Exact where the limits allow; else the best
 * found, with the bound. Every constraint is kept exactly; `impossible` is proven.
 */
export function solveSchedule(problem: Problem, limits: Limits): Outcome {
  const compiled = compile(withinHorizon(problem));
  const bounds = openBounds(compiled);
  if (!bounds || !propagate(bounds)) return { kind: "impossible" };
  const low = leastSpan(bounds);
  const short = searchBelow(bounds, { objective: span, most: Infinity, enough: low }, limits);
  if (!short.best) return { kind: short.isComplete ? "impossible" : "gave-up" };
  const objective = weighedStarts(short.best.cost);
  const most = weighedOf(short.best, compiled);
  const light = searchBelow(bounds, { objective, most, enough: objective.bound(bounds) }, limits);
  const best = light.best ?? short.best;
  return {
    kind: "solved",
    schedule: asSchedule(problem, best),
    span: short.best.cost,
    spanBound: short.isComplete ? short.best.cost : low,
    weighed: weighedOf(best, compiled),
    isProven: short.isComplete && light.isComplete,
  };
}
