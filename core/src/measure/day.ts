import { addDays as addToDate, differenceInCalendarDays, formatISO, isValid, parseISO } from "date-fns";
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
  const written = new Intl.DateTimeFormat("en-GB", parts).formatToParts(instant);
  const part = (type: string): string => written.find((one) => one.type === type)?.value ?? "";
  return `${part("year").padStart(4, "0")}-${part("month")}-${part("day")}`;
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
