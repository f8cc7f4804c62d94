import { addDays } from "@apron/core/measure";
import { dayOfInstant, instantOn } from "../ui/dates.ts";

/** When a new plan is to be on the table, until somebody says otherwise. */
export const usualTime = "19:00";

/** The day of a new plan: today while the usual time is still to come, in the evening tomorrow. */
export function dayToPlan(now = new Date()): string {
  const today = dayOfInstant(now.toISOString());
  return now < instantOn(today, usualTime) ? today : addDays(today, 1);
}
