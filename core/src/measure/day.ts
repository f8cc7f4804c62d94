import { addDays as addToDate, differenceInCalendarDays, formatISO, isValid, parseISO } from "date-fns";
import { dateWriter } from "./writers.ts";
import { invariant } from "./result.ts";

/** A calendar day as ISO 8601 `YYYY-MM-DD`; no time, no zone. Days compare as strings. */
export type Day = string;

const dateOf = (day: Day): Date => {
  const date = parseISO(day);
  invariant(isValid(date), `not a day: ${day}`);
  return date;
};

/** The calendar day of an instant, in the zone of the machine that asks. */
const dayOf = (instant: Date): Day => formatISO(instant, { representation: "date" });

/**
 * The calendar day of an instant in a time zone (IANA name): what a cook there calls today.
 * @throws RangeError of a zone that this machine does not know
 * @example dayIn(new Date("2026-11-28T12:00:00Z"), "Pacific/Auckland") // "2026-11-29"
 */
export function dayIn(instant: Date, timeZone: string): Day {
  const parts = { timeZone, year: "numeric", month: "2-digit", day: "2-digit" } as const;
  const written = dateWriter("en-GB", parts).formatToParts(instant);
  const part = (type: string): string => written.find((one) => one.type === type)?.value ?? "";
  return `${part("year").padStart(4, "0")}-${part("month")}-${part("day")}`;
}

/** What a clock in a time zone shows at an instant, as if it were UTC: milliseconds. */
function clockAt(instant: Date, timeZone: string): number {
  const parts = { timeZone, year: "numeric", month: "2-digit", day: "2-digit" } as const;
  const time = { hour: "2-digit", minute: "2-digit", second: "2-digit", hourCycle: "h23" } as const;
  const written = dateWriter("en-GB", { ...parts, ...time }).formatToParts(instant);
  const part = (type: string): number => Number(written.find((one) => one.type === type)?.value ?? 0);
  return Date.UTC(part("year"), part("month") - 1, part("day"), part("hour"), part("minute"), part("second"));
}

/**
 * The instant at which a clock in a time zone shows `time` ("18:30") on a day. Of an hour that the clock skips in spring
 * the instant as much later, of one that it shows twice in autumn the first.
 * @example instantAt("2026-11-28", "18:30", "Pacific/Auckland") // 2026-11-28T05:30:00Z
 */
export function instantAt(day: Day, time: string, timeZone: string): Date {
  const wanted = Date.parse(`${day}T${time}:00Z`);
  invariant(Number.isFinite(wanted), `not a day and a time: ${day} ${time}`);
  const aDay = 86_400_000;
  const offsetAt = (at: number): number => clockAt(new Date(at), timeZone) - at;
  // The two offsets that may hold about that day; the earlier of the instants that show the time.
  const tries = [offsetAt(wanted - aDay), offsetAt(wanted + aDay)].map((offset) => wanted - offset);
  const shown = tries.filter((at) => clockAt(new Date(at), timeZone) === wanted);
  return new Date(shown.length > 0 ? Math.min(...shown) : Math.max(...tries));
}

/** May a kitchen keep time by this name? */
export function isTimeZone(name: string): boolean {
  try {
    return new Intl.DateTimeFormat("en-GB", { timeZone: name }).resolvedOptions().timeZone !== "";
  } catch {
    return false;
  }
}

/** `count` whole days later (earlier when negative); a fraction of a day is dropped, never rounded up. */
export const addDays = (day: Day, count: number): Day => dayOf(addToDate(dateOf(day), Math.floor(count)));

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => differenceInCalendarDays(dateOf(to), dateOf(from));

/** "1 day", "3 days". */
export const showDays = (count: number): string => (count === 1 ? "1 day" : `${count} days`);

/** The first of some days; undefined of none. */
export const earliest = (days: readonly Day[]): Day | undefined => [...days].sort()[0];
