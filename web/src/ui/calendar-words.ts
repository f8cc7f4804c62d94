import { dateWriter } from "@apron/core/measure";
import { firstWeekday, readersLocale } from "./dates.ts";

/** A Sunday, from which names of weekdays are counted. */
const sunday = new Date(2026, 10, 29);
const named = (date: Date, parts: Intl.DateTimeFormatOptions): string =>
  dateWriter(readersLocale(), parts).format(date);
const dayOf = (i: number): Date => new Date(2026, 10, sunday.getDate() + i);
const monthOf = (i: number): Date => new Date(2026, i, 1);
const times = <Value>(count: number, of: (i: number) => Value): Value[] =>
  Array.from({ length: count }, (_, i) => of(i));

/** The calendar of the date picker in the reader's locale: names of days and months, and where a week begins. */
export const calendarWords = () => ({
  firstDayOfWeek: firstWeekday(),
  dayNames: times(7, (i) => named(dayOf(i), { weekday: "long" })),
  dayNamesShort: times(7, (i) => named(dayOf(i), { weekday: "short" })),
  dayNamesMin: times(7, (i) => named(dayOf(i), { weekday: "short" }).slice(0, 2)),
  monthNames: times(12, (i) => named(monthOf(i), { month: "long" })),
  monthNamesShort: times(12, (i) => named(monthOf(i), { month: "short" })),
});
