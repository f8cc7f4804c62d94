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
export const dayOf = (instant: Date): Day => formatISO(instant, { representation: "date" });

/** `count` whole days later (earlier when negative); a fraction of a day is dropped, never rounded up. */
export const addDays = (day: Day, count: number): Day => dayOf(addToDate(dateOf(day), Math.floor(count)));

/** Whole days from `from` to `to`; negative when `to` is earlier. */
export const daysBetween = (from: Day, to: Day): number => differenceInCalendarDays(dateOf(to), dateOf(from));

/** The first of some days; undefined of none. */
export const earliest = (days: readonly Day[]): Day | undefined => [...days].sort()[0];
