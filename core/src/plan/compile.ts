import { invariant } from "../measure/index.ts";
import type { Lag, Problem, Resource, Span } from "./problem.ts";

/** `x_to (+ its minutes) ≥ x_from (+ its minutes) + least`. */
export type Arc = {
  readonly from: number;
  readonly to: number;
  readonly least: number;
  readonly fromEnd: boolean;
  readonly toEnd: boolean;
};

/** A way to do a task: its minutes, how much it takes of each resource, and when it may not run. */
export type Way = {
  readonly minutes: number;
  readonly amounts: Int32Array;
  readonly closed: readonly Span[];
};

/** Two tasks that may not run together, and the gaps between them; −1 where these two ways of theirs may. */
export type Pair = {
  readonly first: number;
  readonly second: number;
  readonly gapsForward: Int32Array;
  readonly gapsBackward: Int32Array;
};

/** A problem with tasks and resources by number. */
export type Compiled = {
  readonly count: number;
  readonly ways: readonly (readonly Way[])[];
  readonly windows: readonly Span[];
  readonly weights: Int32Array;
  readonly arcs: readonly Arc[];
  readonly pairs: readonly Pair[];
  readonly resources: readonly Resource[];
};

/** Closed spans in order, those that touch as one. */
function merged(spans: readonly Span[]): Span[] {
  const all: Span[] = [];
  for (const span of [...spans].filter((one) => one.to > one.from).sort((a, b) => a.from - b.from)) {
    const last = all.at(-1);
    if (last && span.from <= last.to)
      all[all.length - 1] = { from: last.from, to: Math.max(last.to, span.to) };
    else all.push(span);
  }
  return all;
}

function waysOf(problem: Problem): Way[][] {
  const { resources } = problem;
  return problem.tasks.map((task) =>
    task.modes.map(({ minutes, uses }) => {
      invariant(Number.isInteger(minutes) && minutes >= 0, "a task takes whole minutes");
      const amounts = Int32Array.from(resources, ({ id }) =>
        uses.reduce((sum, use) => sum + (use.resource === id ? use.amount : 0), 0),
      );
      // What takes no time is never in anyone's way.
      const busy = resources.filter((_, r) => minutes > 0 && (amounts[r] ?? 0) > 0);
      return { minutes, amounts, closed: merged(busy.flatMap((one) => one.closed)) };
    }),
  );
}

function arcsOf(lags: readonly Lag[], numberOf: (id: string) => number): Arc[] {
  return lags.flatMap(({ from, to, least, most }): Arc[] => {
    const [a, b] = [numberOf(from.task), numberOf(to.task)];
    const [fromEnd, toEnd] = [from.at === "end", to.at === "end"];
    return [
      ...(least === null ? [] : [{ from: a, to: b, least, fromEnd, toEnd }]),
      ...(most === null ? [] : [{ from: b, to: a, least: -most, fromEnd: toEnd, toEnd: fromEnd }]),
    ];
  });
}

type Gaps = { readonly forward: number; readonly backward: number };

/** The gaps that two ways must keep; undefined where they may run together. */
function gapsOf(
  { problem, tasks }: { readonly problem: Problem; readonly tasks: readonly [number, number] },
  ways: readonly [Way, Way],
): Gaps | undefined {
  const [a, b] = ways;
  if (a.minutes === 0 || b.minutes === 0) return undefined;
  const [idA, idB] = [problem.tasks[tasks[0]]?.id, problem.tasks[tasks[1]]?.id];
  let gaps: Gaps | undefined;
  problem.resources.forEach(({ id, capacity }, r) => {
    const [useA, useB] = [a.amounts[r] ?? 0, b.amounts[r] ?? 0];
    if (useA === 0 || useB === 0) return;
    if (useA + useB > capacity) gaps ??= { forward: 0, backward: 0 };
    for (const { resource, tasks: apart, gaps: between } of problem.separations) {
      if (resource !== id || !apart.includes(idA ?? "") || !apart.includes(idB ?? "")) continue;
      const [forward, backward] = apart[0] === idA ? between : [between[1], between[0]];
      gaps = {
        forward: Math.max(gaps?.forward ?? 0, forward),
        backward: Math.max(gaps?.backward ?? 0, backward),
      };
    }
  });
  return gaps;
}

function pairsOf(problem: Problem, ways: readonly (readonly Way[])[]): Pair[] {
  const pairs: Pair[] = [];
  for (let first = 0; first < ways.length; first++)
    for (let second = first + 1; second < ways.length; second++) {
      const [mine, theirs] = [ways[first] ?? [], ways[second] ?? []];
      const gaps = mine.flatMap((a) =>
        theirs.map((b) => gapsOf({ problem, tasks: [first, second] }, [a, b])),
      );
      if (gaps.every((one) => one === undefined)) continue;
      pairs.push({
        ...{ first, second },
        gapsForward: Int32Array.from(gaps, (one) => one?.forward ?? -1),
        gapsBackward: Int32Array.from(gaps, (one) => one?.backward ?? -1),
      });
    }
  return pairs;
}

/** A problem by numbers, ready to be worked on. Throws on what is no problem at all: a lag of a task that is not there. */
export function compile(problem: Problem): Compiled {
  const numbers = new Map(problem.tasks.map((task, i) => [task.id, i]));
  const numberOf = (id: string): number => {
    const number = numbers.get(id);
    invariant(number !== undefined, `no task ${id}`);
    return number;
  };
  const ways = waysOf(problem);
  return {
    count: problem.tasks.length,
    ways,
    windows: problem.tasks.map((task) => task.window),
    weights: Int32Array.from(problem.tasks, (task) => task.weight),
    arcs: arcsOf(problem.lags, numberOf),
    pairs: pairsOf(problem, ways),
    resources: problem.resources.map((one) => ({ ...one, closed: merged(one.closed) })),
  };
}
