import { dayOfInstant, instantOn, showClock } from "../ui/dates.ts";
import type { Clock } from "./plan-form.ts";

/** The clock on this kitchen's wall. */
export const kitchenClock: Clock = { dayOf: dayOfInstant, timeOf: showClock, instantOn };
