import { dateWriter, dayIn, instantAt } from "@apron/core/measure";
import { parseISO } from "date-fns";

/** The reader's locale; the session sets it, and dates and money follow. */
let locale = "en-GB";
export const useLocale = (wanted: string): void => {
  locale = wanted;
};
export const readersLocale = (): string => locale;

/** Today where the kitchen is: the session sets its time zone. */
let timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone;
export const useTimeZone = (wanted: string): void => {
  timeZone = wanted;
};
export const todayIso = (): string => dayIn(new Date(), timeZone);

const written = (date: Date, parts: Intl.DateTimeFormatOptions): string =>
  dateWriter(locale, parts).format(date);

/** "Fri 27 Nov" as the locale writes it; with the year when it is not this one. */
export function showDay(day: string, today = todayIso()): string {
  const date = parseISO(day);
  const near = day.slice(0, 4) === today.slice(0, 4);
  const when = near ? { weekday: "short" as const } : { year: "numeric" as const };
  return written(date, { ...when, day: "numeric", month: "short" }).replace(/^(\p{L}+),/u, "$1");
}

/** The day of a moment where the kitchen is, YYYY-MM-DD. */
export const dayOfInstant = (instant: string): string => dayIn(new Date(instant), timeZone);

/** HH:MM on a day where the kitchen is, as an instant. */
export const instantOn = (day: string, time: string): Date => instantAt(day, time, timeZone);

/** The day of a moment where the kitchen is, as showDay writes it. */
export const showDayOf = (instant: string): string => showDay(dayOfInstant(instant));

/** "Fri 27 Nov, 14:05" as the locale writes it. */
export const showInstant = (instant: string): string => {
  const date = new Date(instant);
  return `${showDay(dayOfInstant(instant))}, ${written(date, { hour: "2-digit", minute: "2-digit", timeZone })}`;
};

/** "18:05" where the kitchen is, on a 24-hour clock: as times are typed. */
export const showClock = (at: Date | string): string =>
  dateWriter("en-GB", { hour: "2-digit", minute: "2-digit", hourCycle: "h23", timeZone }).format(
    new Date(at),
  );

const sample = new Date(2026, 10, 28);
const patternPart: Readonly<Record<string, string>> = { day: "dd", month: "mm", year: "yy" };

/** The order and marks of a short date in the reader's locale, as PrimeVue writes patterns: "dd/mm/yy", "dd.mm.yy". */
export const datePattern = (): string =>
  dateWriter(locale, { day: "2-digit", month: "2-digit", year: "numeric" })
    .formatToParts(sample)
    .map((part) => patternPart[part.type] ?? part.value)
    .join("");

/** 0 is Sunday; Monday where the locale does not say. */
export function firstWeekday(): number {
  const info = new Intl.Locale(locale) as Intl.Locale & {
    getWeekInfo?: () => { firstDay: number };
    weekInfo?: { firstDay: number };
  };
  return (info.getWeekInfo?.() ?? info.weekInfo ?? { firstDay: 1 }).firstDay % 7;
}
