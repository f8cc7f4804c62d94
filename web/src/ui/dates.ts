import { format, parseISO } from "date-fns";

/** The reader's locale; the session sets it, and dates and money follow. */
let locale = "en-GB";
export const useLocale = (wanted: string): void => {
  locale = wanted;
};
export const readersLocale = (): string => locale;

const written = (date: Date, parts: Intl.DateTimeFormatOptions): string =>
  new Intl.DateTimeFormat(locale, parts).format(date);

/** "Fri 27 Nov" as the locale writes it; with the year when it is not this one. */
export function showDay(day: string, today = new Date()): string {
  const date = parseISO(day);
  const near = date.getFullYear() === today.getFullYear();
  const when = near ? { weekday: "short" as const } : { year: "numeric" as const };
  return written(date, { ...when, day: "numeric", month: "short" }).replace(/^(\p{L}+),/u, "$1");
}

/** "Fri 27 Nov, 14:05" as the locale writes it. */
export const showInstant = (instant: string): string => {
  const date = new Date(instant);
  return `${showDay(format(date, "yyyy-MM-dd"))}, ${written(date, { hour: "2-digit", minute: "2-digit" })}`;
};

export const todayIso = (): string => format(new Date(), "yyyy-MM-dd");
