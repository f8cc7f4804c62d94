import { format, parseISO } from "date-fns";

/** "Fri 27 Nov"; with the year when it is not this one. */
export const showDay = (day: string, today = new Date()): string => {
  const date = parseISO(day);
  return format(date, date.getFullYear() === today.getFullYear() ? "EEE d MMM" : "d MMM yyyy");
};

export const showInstant = (instant: string): string => format(new Date(instant), "EEE d MMM, HH:mm");

export const todayIso = (): string => format(new Date(), "yyyy-MM-dd");
