import { cookLessons, runTasks } from "@apron/core/cook";
import type { PlanRecord } from "../context/ports/plan.store.ts";
import type { RequestContext } from "../context/request-context.ts";

/** What a run teaches of the times of cooking, worked out anew from all that was said of it: an undone "done" unteaches. */
export async function learnTimes({ id, body }: PlanRecord, context: RequestContext): Promise<void> {
  const { plans } = context.stores;
  const { tasks, schedule, from } = body;
  const events = (await plans.eventsOf(id)).map((event) => ({ ...event, at: Date.parse(event.at) }));
  const lessons = cookLessons(runTasks(tasks, { starts: schedule.starts, from }), events);
  const times = lessons.flatMap(({ task, minutes }) => {
    // Plans kept before foods were named with their tasks teach nothing.
    const food = tasks.find((one) => one.id === task)?.food ?? null;
    return food ? [{ task, food, minutes }] : [];
  });
  await plans.setCookTimes(id, times, context.now);
}
