/**
 * The scheduling problem behind a plan of cooking: tasks with time lags on resources of limited capacity. It knows
 * nothing of food; `tasks-of-dish` makes one of dishes. All times are whole minutes after the start of the plan.
 */

/** From `from` up to, and not including, `to`; minutes. */
export type Span = { readonly from: number; readonly to: number };

type Use = { readonly resource: string; readonly amount: number };

/** One way to do a task: how long it takes and what it keeps busy for all that time. */
export type Mode = { readonly id: string; readonly minutes: number; readonly uses: readonly Use[] };

/**
 * `modes` has at least one. The task starts at `window.from` or later and has ended by `window.to`. `weight` (≥ 0) is what
 * a minute between its end and the table costs: freshness.
 */
export type Task = {
  readonly id: string;
  readonly modes: readonly Mode[];
  readonly window: Span;
  readonly weight: number;
};

/** A moment of a task. */
export type Moment = { readonly task: string; readonly at: "start" | "end" };

/** From one moment to the other at least, and at most, so many minutes; either may be negative. Null: no such limit. */
export type Lag = {
  readonly from: Moment;
  readonly to: Moment;
  readonly least: number | null;
  readonly most: number | null;
};

/** What tasks share. Nothing that uses it runs in a `closed` span: the night, the hours before the cook is home. */
export type Resource = { readonly id: string; readonly capacity: number; readonly closed: readonly Span[] };

/**
 * Two tasks that never use the resource together, whatever its capacity: an oven at 160 and at 220 °C. `gaps` are the
 * minutes between them when the first goes first, and when the second does.
 */
export type Separation = {
  readonly resource: string;
  readonly tasks: readonly [string, string];
  readonly gaps: readonly [number, number];
};

export type Problem = {
  readonly tasks: readonly Task[];
  readonly lags: readonly Lag[];
  readonly resources: readonly Resource[];
  readonly separations: readonly Separation[];
};

/** When a task starts, and in which of its ways it is done. */
export type Placed = { readonly start: number; readonly mode: string };
export type Schedule = ReadonlyMap<string, Placed>;

export const modeOf = (task: Task, placed: Placed): Mode | undefined =>
  task.modes.find((mode) => mode.id === placed.mode);
