import type { Lag, Moment, Problem, Schedule, Span, Task } from "./problem.ts";

const turned = (span: Span, end: number): Span => ({ from: end - span.to, to: end - span.from });

const otherSide = ({ task, at }: Moment): Moment => ({ task, at: at === "start" ? "end" : "start" });

const turnedLag = ({ from, to, least, most }: Lag): Lag => ({
  from: otherSide(to),
  to: otherSide(from),
  least,
  most,
});

/**
 * The same problem with time running backwards from `end`: "as late as possible" becomes "as early as possible". Turned
 * twice it is itself.
 */
export function reverseTime(problem: Problem, end: number): Problem {
  return {
    tasks: problem.tasks.map((task): Task => ({ ...task, window: turned(task.window, end) })),
    lags: problem.lags.map(turnedLag),
    resources: problem.resources.map((one) => ({
      ...one,
      closed: one.closed.map((span) => turned(span, end)),
    })),
    separations: problem.separations.map((one) => ({ ...one, gaps: [one.gaps[1], one.gaps[0]] })),
  };
}

/** A schedule of the reversed problem, in the time of the other. */
export function reverseSchedule(schedule: Schedule, problem: Problem, end: number): Schedule {
  return new Map(
    problem.tasks.flatMap((task) => {
      const placed = schedule.get(task.id);
      const mode = task.modes.find((one) => one.id === placed?.mode);
      return placed && mode ? [[task.id, { ...placed, start: end - placed.start - mode.minutes }]] : [];
    }),
  );
}
