import loadHighs from "highs";
import type { Moment, Problem, Task } from "../src/plan/problem.ts";

/**
 * A schedule's optimum by another road: a 0–1 programme with a variable for each task, way and minute of its start, solved
 * by HiGHS. Exact for short horizons; for tests only.
 */
const highs = await loadHighs();

type Start = { readonly name: string; readonly task: Task; readonly mode: number; readonly start: number };

const minutesOf = ({ task, mode }: Start): number => task.modes[mode]?.minutes ?? 0;
const amountOf = ({ task, mode }: Start, resource: string): number =>
  (task.modes[mode]?.uses ?? []).reduce((sum, use) => sum + (use.resource === resource ? use.amount : 0), 0);

function startsOf(problem: Problem): Start[] {
  return problem.tasks.flatMap((task, i) =>
    task.modes.flatMap(({ minutes, uses }, mode) => {
      const shut =
        minutes === 0
          ? []
          : problem.resources.filter((one) => uses.some((use) => use.resource === one.id && use.amount > 0));
      const closed = shut.flatMap((one) => one.closed).filter((span) => span.to > span.from);
      const starts: Start[] = [];
      for (let start = task.window.from; start + minutes <= task.window.to; start++)
        if (!closed.some((span) => start < span.to && span.from < start + minutes))
          starts.push({ name: `y${i}_${mode}_${start}`, task, mode, start });
      return starts;
    }),
  );
}

/** HiGHS gives up on a few models in its presolve ("error -1"); it solves them without. */
function solve(model: string, seconds: number) {
  const options = { mip_rel_gap: 0, mip_abs_gap: 0, ...(seconds < Infinity ? { time_limit: seconds } : {}) };
  try {
    return highs.solve(model, options);
  } catch {
    return highs.solve(model, { ...options, presolve: "off" });
  }
}

type Term = readonly [factor: number, name: string];
const sumOf = (terms: readonly Term[]): string =>
  terms.map(([factor, name]) => `${factor < 0 ? "-" : "+"} ${Math.abs(factor)} ${name}`).join(" ");

const momentTerms = (starts: readonly Start[], { task, at }: Moment): Term[] =>
  starts
    .filter((one) => one.task.id === task)
    .map((one) => [one.start + (at === "end" ? minutesOf(one) : 0), one.name]);

function rowsOf(problem: Problem, starts: readonly Start[]): string[] {
  const rows: string[] = [];
  for (const task of problem.tasks)
    rows.push(`${sumOf(starts.filter((s) => s.task === task).map((s) => [1, s.name]))} = 1`);
  for (const { from, to, least, most } of problem.lags) {
    const difference = [
      ...momentTerms(starts, to),
      ...momentTerms(starts, from).map(([factor, name]): Term => [-factor, name]),
    ].filter(([factor]) => factor !== 0);
    // A lag within fixed zeros has no terms to write; a zero term keeps the row.
    const sum = difference.length > 0 ? sumOf(difference) : `0 ${starts[0]?.name ?? ""}`;
    if (least !== null) rows.push(`${sum} >= ${least}`);
    if (most !== null) rows.push(`${sum} <= ${most}`);
  }
  return [...rows, ...resourceRows(problem, starts), ...separationRows(problem, starts)];
}

function resourceRows(problem: Problem, starts: readonly Start[]): string[] {
  const last = Math.max(...problem.tasks.map((task) => task.window.to));
  return problem.resources.flatMap(({ id, capacity }) =>
    Array.from({ length: last }, (_, minute) => {
      const running = starts.filter(
        (one) => amountOf(one, id) > 0 && one.start <= minute && minute < one.start + minutesOf(one),
      );
      return running.length === 0
        ? ""
        : `${sumOf(running.map((one) => [amountOf(one, id), one.name]))} <= ${capacity}`;
    }).filter((row) => row !== ""),
  );
}

function separationRows(problem: Problem, starts: readonly Start[]): string[] {
  return problem.separations.flatMap(({ resource, tasks, gaps }) => {
    const of = (id: string) =>
      starts.filter((one) => one.task.id === id && amountOf(one, resource) > 0 && minutesOf(one) > 0);
    return of(tasks[0]).flatMap((a) =>
      of(tasks[1])
        .filter(
          (b) => b.start < a.start + minutesOf(a) + gaps[0] && a.start < b.start + minutesOf(b) + gaps[1],
        )
        .map((b) => `${a.name} + ${b.name} <= 1`),
    );
  });
}

type Optimum = { readonly span: number; readonly weighed: number };

/** The optimum in at most so many seconds a programme; "too-long" where that is not enough. */
export function optimumWithin(problem: Problem, seconds: number): Optimum | undefined | "too-long" {
  try {
    return optimumOf(problem, seconds);
  } catch (error) {
    if (String(error).includes("Time limit")) return "too-long";
    throw error;
  }
}

/** The least span, and of the schedules that have it the least weighed starts; undefined where there is none. */
export function optimumOf(problem: Problem, seconds = Infinity): Optimum | undefined {
  const starts = startsOf(problem);
  if (problem.tasks.some((task) => !starts.some((one) => one.task === task))) return undefined;
  const ends = problem.tasks.map(
    (task) =>
      `span ${sumOf(starts.filter((s) => s.task === task).map((s) => [-(s.start + minutesOf(s)), s.name]))} >= 0`,
  );
  const rows = [...rowsOf(problem, starts), ...ends];
  const least = (objective: string, more: readonly string[]): number | undefined => {
    const model = `Minimize\n obj: ${objective}\nSubject To\n${[...rows, ...more].map((row, i) => ` r${i}: ${row}`).join("\n")}\nBounds\n span >= 0\nBinary\n ${starts.map((s) => s.name).join(" ")}\nEnd\n`;
    const solved = solve(model, seconds);
    if (solved.Status === "Infeasible") return undefined;
    if (solved.Status !== "Optimal") throw new Error(`HiGHS: ${solved.Status}`);
    return Math.round(solved.ObjectiveValue);
  };
  const span = least("span", []);
  if (span === undefined) return undefined;
  const weighed = starts.flatMap((one): Term[] => {
    const factor = one.task.weight * one.start;
    return factor === 0 ? [] : [[factor, one.name]];
  });
  return { span, weighed: weighed.length === 0 ? 0 : (least(sumOf(weighed), [`span <= ${span}`]) ?? NaN) };
}
