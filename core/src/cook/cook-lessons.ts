import { foldRun, stateOf, type RunTask } from "./cook-run.ts";
import type { CookEvent } from "./cook-event.ts";

/** How long something really cooked, minutes: from when it went in until it was said to be done. */
export type CookLesson = { readonly task: string; readonly minutes: number };

/**
 * A cook who forgets the oven teaches nothing about it: a time counts from so much of the short end on, up to so much of the
 * long one with what "not yet" added. A judgement.
 */
const [leastShare, mostShare] = [0.4, 1.5];

const msPerMinute = 60_000;

/**
 * What a run taught of the times of cooking: everything hot that cooked by itself, was not skipped and was said to be done at
 * a believable time. The same events teach the same, in any order.
 */
export function cookLessons(tasks: readonly RunTask[], events: readonly CookEvent[]): CookLesson[] {
  const run = foldRun(tasks, events);
  return tasks.flatMap((task) => {
    const { startedAt, endedAt, isSkipped, extraMin } = stateOf(run, task.id);
    if (task.kind !== "by-itself" || !task.isHot || isSkipped || startedAt === null || endedAt === null)
      return [];
    const minutes = (endedAt - startedAt) / msPerMinute;
    const { low, high } = task.minutes;
    const isBelievable = minutes >= leastShare * low && minutes <= mostShare * (high + extraMin);
    return isBelievable ? [{ task: task.id, minutes: Math.round(minutes * 10) / 10 }] : [];
  });
}
