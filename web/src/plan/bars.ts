import { lanes, lanesOf, type Lane, type TimedTask } from "./plan-words.ts";

/** A bar in a lane: where it stands, as shares of the whole width, and on which of the lane's tracks. */
export type Bar = {
  readonly task: TimedTask;
  readonly left: number;
  readonly width: number;
  readonly track: number;
};
type BarLane = {
  readonly lane: Lane;
  readonly label: string;
  readonly bars: readonly Bar[];
  readonly tracks: number;
};
type Tick = { readonly at: Date; readonly left: number };
export type BarPicture = {
  readonly lanes: readonly BarLane[];
  readonly ticks: readonly Tick[];
  readonly minutes: number;
};

const msPerMinute = 60_000;
const minutesBetween = (from: Date, to: Date): number => (to.getTime() - from.getTime()) / msPerMinute;

/** The first track that is free; what runs together stands one under the other. */
function trackFor(task: TimedTask, ends: Date[]): number {
  const free = ends.findIndex((end) => end.getTime() <= task.start.getTime());
  const track = free < 0 ? ends.length : free;
  ends[track] = task.end;
  return track;
}

/** Every so many minutes a mark, so that there are about eight. */
const steps = [15, 30, 60, 120, 240, 480];

function ticksOf(from: Date, minutes: number): Tick[] {
  const step = steps.find((one) => minutes / one <= 9) ?? 720;
  const first = Math.ceil(from.getTime() / (step * msPerMinute)) * step * msPerMinute;
  const ticks: Tick[] = [];
  for (let at = first; at <= from.getTime() + minutes * msPerMinute; at += step * msPerMinute)
    ticks.push({ at: new Date(at), left: (at - from.getTime()) / msPerMinute / minutes });
  return ticks;
}

/** Tasks as bars in lanes, from the first start to the table. */
export function barsOf(tasks: readonly TimedTask[], tableAt: Date): BarPicture {
  const from = new Date(Math.min(...tasks.map((task) => task.start.getTime())));
  const minutes = Math.max(1, minutesBetween(from, tableAt));
  const all = lanes.map(({ lane, label }) => {
    const ends: Date[] = [];
    const bars = tasks
      .filter((task) => lanesOf(task).includes(lane))
      .map((task) => ({
        task,
        left: minutesBetween(from, task.start) / minutes,
        width: minutesBetween(task.start, task.end) / minutes,
        track: trackFor(task, ends),
      }));
    return { lane, label, bars, tracks: ends.length };
  });
  return { lanes: all.filter((one) => one.bars.length > 0), ticks: ticksOf(from, minutes), minutes };
}

/** A start moved by a share of the width, to whole steps of five minutes on the clock. */
export function movedStart(start: Date, share: number, minutes: number): Date {
  const five = 5 * msPerMinute;
  return new Date(Math.round((start.getTime() + share * minutes * msPerMinute) / five) * five);
}
