import type { Arc, Compiled, Way } from "./compile.ts";
import type { Span } from "./problem.ts";

/**
 * What is known of a schedule while it is looked for: between which minutes each task starts, how long it takes at least
 * and at most, and the way it is done (−1: open). `order` holds of each pair of tasks that may not run together whether
 * the first goes first (1), the second (2), or it is open (0).
 */
export type Bounds = {
  readonly problem: Compiled;
  readonly earliest: Int32Array;
  readonly latest: Int32Array;
  readonly shortest: Int32Array;
  readonly longest: Int32Array;
  readonly way: Int32Array;
  readonly order: Int8Array;
  /** Arcs by the task they leave and by the task they reach; the last `added` of each were posted by the search. */
  readonly leaving: Arc[][];
  readonly reaching: Arc[][];
  readonly posted: Arc[];
  /** Tasks whose bounds moved and whose neighbours have not heard of it yet. */
  readonly moved: number[];
  readonly isMoved: Uint8Array;
};

/* The hot path: arrays are read at indices that exist by construction. */
export const at = (array: Int32Array, index: number): number => array[index] as number;

const minutesOf = (ways: readonly Way[], pick: (...minutes: number[]) => number): number =>
  pick(...ways.map((way) => way.minutes));

/** Nothing known but the problem itself: a task with one way is done in that. Undefined where that cannot be. */
export function openBounds(problem: Compiled): Bounds | undefined {
  const { count, ways, windows } = problem;
  const shortest = Int32Array.from(ways, (all) => minutesOf(all, Math.min));
  const bounds: Bounds = {
    problem,
    earliest: Int32Array.from(windows, (one) => one.from),
    latest: Int32Array.from(windows, (one, i) => one.to - (shortest[i] ?? 0)),
    shortest,
    longest: Int32Array.from(ways, (all) => minutesOf(all, Math.max)),
    way: new Int32Array(count).fill(-1),
    order: new Int8Array(problem.pairs.length),
    leaving: Array.from({ length: count }, () => []),
    reaching: Array.from({ length: count }, () => []),
    posted: [],
    moved: [],
    isMoved: new Uint8Array(count),
  };
  for (const arc of problem.arcs) link(bounds, arc);
  const isOpen = ways.every((all, task) => {
    touch(bounds, task);
    return all.length === 1 ? choose(bounds, task, 0) : at(bounds.earliest, task) <= at(bounds.latest, task);
  });
  return isOpen ? bounds : undefined;
}

function link({ leaving, reaching }: Bounds, arc: Arc): void {
  leaving[arc.from]?.push(arc);
  reaching[arc.to]?.push(arc);
}

function touch(bounds: Bounds, task: number): void {
  if (bounds.isMoved[task]) return;
  bounds.isMoved[task] = 1;
  bounds.moved.push(task);
}

/** The earliest start from `at` on of something so long that meets no closed span. */
function afterClosed(at: number, minutes: number, closed: readonly Span[]): number {
  let start = at;
  for (const span of closed) if (start < span.to && span.from < start + minutes) start = span.to;
  return start;
}

function beforeClosed(at: number, minutes: number, closed: readonly Span[]): number {
  let start = at;
  for (let i = closed.length - 1; i >= 0; i--) {
    const span = closed[i];
    if (span && start < span.to && span.from < start + minutes) start = span.from - minutes;
  }
  return start;
}

/** Starts a task no earlier than `start`. False: it cannot. */
export function raise(bounds: Bounds, task: number, start: number): boolean {
  if (start <= at(bounds.earliest, task)) return true;
  const way = bounds.problem.ways[task]?.[at(bounds.way, task)];
  const next = way && way.closed.length > 0 ? afterClosed(start, way.minutes, way.closed) : start;
  if (next > at(bounds.latest, task)) return false;
  bounds.earliest[task] = next;
  touch(bounds, task);
  return true;
}

/** Starts a task no later than `start`. False: it cannot. */
export function lower(bounds: Bounds, task: number, start: number): boolean {
  if (start >= at(bounds.latest, task)) return true;
  const way = bounds.problem.ways[task]?.[at(bounds.way, task)];
  const next = way && way.closed.length > 0 ? beforeClosed(start, way.minutes, way.closed) : start;
  if (next < at(bounds.earliest, task)) return false;
  bounds.latest[task] = next;
  touch(bounds, task);
  return true;
}

/** Does a task in one of its ways. False: it cannot be done so. */
export function choose(bounds: Bounds, task: number, number: number): boolean {
  const { problem, earliest, latest, shortest, longest, way } = bounds;
  const chosen = problem.ways[task]?.[number];
  if (!chosen) return false;
  way[task] = number;
  shortest[task] = longest[task] = chosen.minutes;
  touch(bounds, task);
  // How long it takes moves its own bounds too, where a neighbour is tied to its end.
  for (const arc of bounds.leaving[task] ?? []) touch(bounds, arc.to);
  for (const arc of bounds.reaching[task] ?? []) touch(bounds, arc.from);
  const window = problem.windows[task];
  const first = afterClosed(at(earliest, task), chosen.minutes, chosen.closed);
  const last = beforeClosed(
    Math.min(at(latest, task), (window?.to ?? 0) - chosen.minutes),
    chosen.minutes,
    chosen.closed,
  );
  earliest[task] = first;
  latest[task] = last;
  return first <= last;
}

/** Adds an arc; `forget` takes it back. */
export function post(bounds: Bounds, arc: Arc): void {
  link(bounds, arc);
  bounds.posted.push(arc);
  touch(bounds, arc.from);
  touch(bounds, arc.to);
}

function relaxFrom(bounds: Bounds, task: number): boolean {
  const { earliest, latest, shortest, longest } = bounds;
  for (const { to, least, fromEnd, toEnd } of bounds.leaving[task] ?? []) {
    const moment = at(earliest, task) + (fromEnd ? at(shortest, task) : 0) + least;
    if (!raise(bounds, to, moment - (toEnd ? at(longest, to) : 0))) return false;
  }
  for (const { from, least, fromEnd, toEnd } of bounds.reaching[task] ?? []) {
    const moment = at(latest, task) + (toEnd ? at(longest, task) : 0) - least;
    if (!lower(bounds, from, moment - (fromEnd ? at(shortest, from) : 0))) return false;
  }
  return true;
}

function settle({ moved, isMoved }: Bounds): void {
  for (const task of moved) isMoved[task] = 0;
  moved.length = 0;
}

/** Lets every arc know what moved, until nothing moves. False: the arcs contradict each other. */
export function relax(bounds: Bounds): boolean {
  const { moved, isMoved } = bounds;
  let holds = true;
  for (let next = 0; holds && next < moved.length; next++) {
    const task = moved[next] as number;
    isMoved[task] = 0;
    holds = relaxFrom(bounds, task);
  }
  settle(bounds);
  return holds;
}

/** What was known at a moment, to go back to. */
export type Mark = {
  readonly arrays: readonly Int32Array[];
  readonly order: Int8Array;
  readonly posted: number;
};

export const markOf = (bounds: Bounds): Mark => ({
  arrays: [bounds.earliest, bounds.latest, bounds.shortest, bounds.longest, bounds.way].map((one) =>
    one.slice(),
  ),
  order: bounds.order.slice(),
  posted: bounds.posted.length,
});

/** Goes back to what was known then. */
export function backTo(bounds: Bounds, mark: Mark): void {
  [bounds.earliest, bounds.latest, bounds.shortest, bounds.longest, bounds.way].forEach((array, i) => {
    const then = mark.arrays[i];
    if (then) array.set(then);
  });
  bounds.order.set(mark.order);
  while (bounds.posted.length > mark.posted) {
    const arc = bounds.posted.pop();
    if (!arc) break;
    bounds.leaving[arc.from]?.pop();
    bounds.reaching[arc.to]?.pop();
  }
  settle(bounds);
}
