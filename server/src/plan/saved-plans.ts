import type { PlanSummary } from "@apron/contract";
import { accept } from "@apron/core/measure";
import { draftPlan, verifySchedule, type Schedule } from "@apron/core/plan";
import type { PlanRecord } from "../context/ports/plan.store.ts";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { presentDraft } from "./present-plan.ts";
import { minutesAfter, wishOf } from "./wish-of.ts";

const summaryOf = ({ id, tableAt, startAt, body }: PlanRecord): PlanSummary => ({
  id,
  tableAt: tableAt.toISOString(),
  startAt: startAt.toISOString(),
  dishes: [...new Set(body.tasks.map((task) => task.dishName))],
});

/** Plans stay in the list until an hour after their table: somebody may still be cooking. */
const staysMs = 60 * 60_000;

export const listPlans: UseCase<"listPlans"> = async (_, context) => {
  const plans = await context.stores.plans.upcoming(new Date(context.now.getTime() - staysMs));
  return accept(plans.map(summaryOf));
};

export const getPlan: UseCase<"getPlan"> = async ({ params }, context) => {
  const plan = await context.stores.plans.get(params.id);
  if (!plan) return notFound("plan-unknown", "id");
  return accept({ id: plan.id, ...plan.body });
};

/** Keeps a plan that holds: its schedule is walked through once more, whoever made it. */
export const savePlan: UseCase<"savePlan"> = async ({ body }, context) => {
  const { id, from: start, schedule, ...wish } = body;
  const from = new Date(start);
  const asked = await wishOf(wish, from, context);
  if (!asked.ok) return asked;
  const drafted = draftPlan(asked.value, asked.value.tableAt, context.catalogue);
  const placed: Schedule = new Map(
    schedule.starts.map(({ task, at }) => [task, { start: minutesAfter(from, at), mode: "only" }]),
  );
  // A recipe may have changed since it was planned: then this is no plan of it any more.
  if (verifySchedule(drafted.problem, placed).length > 0)
    return refuseWith({ code: "plan-outdated" }, "schedule");
  const { tasks, problem } = presentDraft(drafted, { wish: asked.value, from, context });
  const record: PlanRecord = {
    ...{ id, tableAt: new Date(wish.tableAt), startAt: new Date(schedule.startAt) },
    body: { wish, schedule, tasks, problem, from: start },
  };
  await context.stores.plans.put(record, context.session.memberId);
  return accept(summaryOf(record));
};

export const dropPlan: UseCase<"dropPlan"> = async ({ params }, context) =>
  (await context.stores.plans.drop(params.id)) ? accept({ done: true }) : notFound("plan-unknown", "id");
