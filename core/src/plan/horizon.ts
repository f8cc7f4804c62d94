import type { Problem } from "./problem.ts";

type Parts = Pick<Problem, "tasks" | "lags" | "resources" | "separations">;

const sum = (list: readonly number[]): number => list.reduce((total, one) => total + one, 0);

/**
 * A minute by which all is done if it can be done at all, `from` some minute on: a start that is as early as it can be
 * is a sum of other tasks' minutes, waits and gaps, each at most once, after the end of a closed time. A short horizon is
 * quickly searched: what cannot be is found out when it is reached.
 */
export function horizonOf({ tasks, lags, resources, separations }: Parts, from: number): number {
  const closedUntil = resources.flatMap(({ closed }) => closed.map((span) => span.to));
  const minutes = tasks.map(({ modes }) => Math.max(0, ...modes.map((mode) => mode.minutes)));
  const waits = lags.map(({ least }) => Math.abs(least ?? 0));
  const gaps = separations.map((one) => Math.max(...one.gaps));
  return Math.max(from, ...closedUntil) + sum(minutes) + sum(waits) + sum(gaps) + 1;
}
