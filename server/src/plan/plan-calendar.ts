import type { PlanTask } from "@apron/contract";
import { accept } from "@apron/core/measure";
import { taskWords } from "@apron/core/plan";
import ical, { ICalAlarmType, ICalEventTransparency } from "ical-generator";
import type { PlanRecord } from "../context/ports/plan.store.ts";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";

const msPerMinute = 60_000;

/** What calls for the cook: everything but what stands or cooks by itself. */
const callsCook = ({ kind }: PlanTask): boolean => kind !== "by-itself";

function addTask(calendar: ReturnType<typeof ical>, plan: PlanRecord, task: PlanTask): void {
  const at = plan.body.schedule.starts.find((start) => start.task === task.id)?.at;
  if (at === undefined) return;
  const start = new Date(at);
  const minutes = Math.max(1, Math.round(task.minutes.high));
  const event = calendar.createEvent({
    id: `${plan.id}/${task.id}@apron-plate`,
    start,
    end: new Date(start.getTime() + minutes * msPerMinute),
    summary: `${task.dishName}: ${taskWords(task)}`,
    transparency: callsCook(task) ? ICalEventTransparency.OPAQUE : ICalEventTransparency.TRANSPARENT,
    ...(task.doneWhen === "" ? {} : { description: `Done when ${task.doneWhen}` }),
  });
  if (callsCook(task)) event.createAlarm({ type: ICalAlarmType.display, trigger: 0 });
}

/** A plan as a calendar that any program reads: an event a task, with an alarm when it calls for the cook. */
function calendarOf(plan: PlanRecord, stamp: Date): string {
  const calendar = ical({ prodId: "-//Apron Plate//Plan//EN", name: "Cooking plan" });
  for (const task of plan.body.tasks) addTask(calendar, plan, task);
  for (const event of calendar.events()) event.stamp(stamp);
  return calendar.toString();
}

export const planCalendar: UseCase<"planCalendar"> = async ({ params }, context) => {
  const plan = await context.stores.plans.get(params.id);
  return plan ? accept(calendarOf(plan, context.now)) : notFound("plan-unknown", "id");
};
