import { at, backTo, choose, lower, markOf, post, relax, type Bounds } from "./bounds.ts";
import { weighedBound } from "./busy-time-bound.ts";
import type { Pair } from "./compile.ts";
import { decidePairs, findEdges, gapsOf, putInOrder } from "./one-at-a-time.ts";
import { overfull, shareOut } from "./several-at-a-time.ts";

/** What a search minimises: `cost` of the earliest starts, never less for later ones; `bound`, the least within bounds. */
export type Objective = {
  readonly cost: (bounds: Bounds) => number;
  readonly bound: (bounds: Bounds) => number;
  /** Rules out what costs `most` or more; false where that leaves nothing. */
  readonly below: (bounds: Bounds, most: number) => boolean;
};

/** Starts and ways of a schedule, by the number of the task. */
export type Found = { readonly starts: Int32Array; readonly ways: Int32Array; readonly cost: number };

/** How far a search may go: `goOn` is asked before each node. */
export type Limits = { readonly goOn: () => boolean };

/** What is looked for: less than `most`; no better than `enough` is needed. */
export type Aim = { readonly objective: Objective; readonly most: number; readonly enough: number };

/** Everything that follows from what is known. False: nothing can be done so. */
export function propagate(bounds: Bounds): boolean {
  for (;;) {
    if (!relax(bounds)) return false;
    const decided = decidePairs(bounds);
    if (decided < 0) return false;
    if (decided > 0) continue;
    if (!findEdges(bounds) || !shareOut(bounds)) return false;
    if (bounds.moved.length === 0) return true;
  }
}

type Choice = (bounds: Bounds) => boolean;

/** A task whose way is open, each of its ways in turn; the one that can start first is settled first. */
function openWay(bounds: Bounds): Choice[] | undefined {
  const open = Array.from(bounds.way.keys()).filter((task) => at(bounds.way, task) < 0);
  if (open.length === 0) return undefined;
  const task = open.reduce((a, b) => (at(bounds.earliest, b) < at(bounds.earliest, a) ? b : a));
  return (bounds.problem.ways[task] ?? []).map((_, number) => (one) => choose(one, task, number));
}

type Clash = { readonly pair: number; readonly slack: number; readonly isForward: boolean };

/** Which of two to try first: what weighs more a minute, else what leaves more time to spare. */
function prefersForward({ problem, shortest }: Bounds, { first, second }: Pair, spare: number): boolean {
  const byWeight =
    at(problem.weights, first) * at(shortest, second) - at(problem.weights, second) * at(shortest, first);
  return byWeight === 0 ? spare >= 0 : byWeight > 0;
}

/** The pair that would run together at the earliest starts, and has the least time to spare. */
function tightestPair(bounds: Bounds): Choice[] | undefined {
  const { problem, order, earliest, latest, shortest } = bounds;
  let tightest: Clash | undefined;
  for (let i = 0; i < problem.pairs.length; i++) {
    const pair = problem.pairs[i] as Pair;
    const gaps = order[i] === 0 ? gapsOf(bounds, pair) : undefined;
    if (!gaps) continue;
    const { first, second } = pair;
    const forwardEnd = at(earliest, first) + at(shortest, first) + gaps.forward;
    const backwardEnd = at(earliest, second) + at(shortest, second) + gaps.backward;
    if (forwardEnd <= at(earliest, second) || backwardEnd <= at(earliest, first)) continue;
    const [forward, backward] = [at(latest, second) - forwardEnd, at(latest, first) - backwardEnd];
    const slack = Math.max(at(earliest, first), at(earliest, second)) + Math.min(forward, backward);
    if (!tightest || slack < tightest.slack)
      tightest = { pair: i, slack, isForward: prefersForward(bounds, pair, forward - backward) };
  }
  if (!tightest) return undefined;
  const { pair, isForward } = tightest;
  const orders = isForward ? ([1, 2] as const) : ([2, 1] as const);
  return orders.map((order) => (one) => (putInOrder(one, pair, order), true));
}

/** Tasks that are too much together at the earliest starts: one of them after another of them, each in turn. */
function tooMany(bounds: Bounds): Choice[] | undefined {
  const together = overfull(bounds);
  if (!together) return undefined;
  const { earliest, latest, shortest } = bounds;
  const spare = (a: number, b: number): number => at(latest, b) - at(earliest, a) - at(shortest, a);
  const orders = together.flatMap((a) => together.filter((b) => b !== a).map((b) => [a, b] as const));
  return orders
    .sort((x, y) => spare(...y) - spare(...x))
    .map(
      ([from, to]) =>
        (one) => (post(one, { from, to, least: 0, fromEnd: true, toEnd: false }), true),
    );
}

/**
 * Depth first, to the end or as far as the limits go: what costs least below `most`, if anything, and whether all was
 * looked at. Where earliest starts meet no conflict they are the best of their branch, for no later start costs less.
 */
export function searchBelow(
  bounds: Bounds,
  { objective, most, enough }: Aim,
  { goOn }: Limits,
): { readonly best: Found | undefined; readonly isComplete: boolean } {
  let best: Found | undefined;
  let isComplete = true;
  const limit = (): number => best?.cost ?? most;
  function visit(): void {
    if (!goOn()) {
      isComplete = false;
      return;
    }
    if (!objective.below(bounds, limit()) || !propagate(bounds) || objective.bound(bounds) >= limit()) return;
    const choices = openWay(bounds) ?? tightestPair(bounds) ?? tooMany(bounds);
    if (!choices) {
      best = {
        starts: bounds.earliest.slice(),
        ways: bounds.way.slice(),
        cost: objective.cost(bounds),
      };
      return;
    }
    const mark = markOf(bounds);
    for (const choice of choices) {
      if (choice(bounds)) visit();
      backTo(bounds, mark);
      if (!isComplete || limit() <= enough) return;
    }
  }
  const mark = markOf(bounds);
  visit();
  backTo(bounds, mark);
  return { best, isComplete };
}

const lastEnd = ({ earliest, shortest }: Bounds): number =>
  earliest.reduce((most, start, i) => Math.max(most, start + at(shortest, i)), 0);

/** The last end of all. */
export const span: Objective = {
  cost: lastEnd,
  bound: lastEnd,
  below: (bounds, most) =>
    !Number.isFinite(most) ||
    bounds.latest.every((_, task) => lower(bounds, task, most - 1 - at(bounds.shortest, task))),
};

/** Starts no task so late that it alone would cost what is left to `most`. */
function noneTooDear(bounds: Bounds, most: number): boolean {
  const { earliest, problem } = bounds;
  const spare = most - 1 - earliest.reduce((sum, start, i) => sum + start * at(problem.weights, i), 0);
  return (
    spare >= 0 &&
    problem.weights.every(
      (weight, task) => weight === 0 || lower(bounds, task, at(earliest, task) + Math.floor(spare / weight)),
    )
  );
}

/** Starts weighed by their tasks, with no end after `end`. */
export const weighedStarts = (end: number): Objective => ({
  cost: ({ earliest, problem }) =>
    earliest.reduce((sum, start, i) => sum + start * at(problem.weights, i), 0),
  bound: weighedBound,
  below: (bounds, most) => span.below(bounds, end + 1) && noneTooDear(bounds, most),
});
