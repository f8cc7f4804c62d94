import { addDays, dayIn, instantAt } from "../measure/index.ts";
import type { Span } from "./problem.ts";

const msPerMinute = 60_000;

/** Hours of the night by the kitchen's clock, "22:00" to "07:00": over midnight where the end is not after the start. */
export type QuietHours = { readonly from: string; readonly to: string };

/** The quiet hours of some days in minutes after `start`, as far as `minutes` after it; right when the clocks change. */
export function quietSpans(
  quiet: QuietHours,
  { start, minutes, timeZone }: { readonly start: Date; readonly minutes: number; readonly timeZone: string },
): Span[] {
  const afterStart = (instant: Date): number =>
    Math.round((instant.getTime() - start.getTime()) / msPerMinute);
  const lasts = quiet.to <= quiet.from ? 1 : 0;
  const days = Math.ceil(minutes / 1440) + 2;
  return Array.from({ length: days + 1 }, (_, i) => addDays(dayIn(start, timeZone), i - 1))
    .map((day) => ({
      from: afterStart(instantAt(day, quiet.from, timeZone)),
      to: afterStart(instantAt(addDays(day, lasts), quiet.to, timeZone)),
    }))
    .filter((span) => span.to > 0 && span.from < minutes && span.to > span.from);
}
