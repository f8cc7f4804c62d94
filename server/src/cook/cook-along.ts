import type { CookAct } from "@apron/contract";
import { accept, refuse } from "@apron/core/measure";
import type { PlanRecord } from "../context/ports/plan.store.ts";
import { notFound } from "../context/refusal.ts";
import { learnTimes } from "./learn-times.ts";
import type { UseCase } from "../context/request-context.ts";

/** A plan as it is being cooked, the same for every tablet. */
export const getCookAlong: UseCase<"getCookAlong"> = async ({ params }, context) => {
  const plan = await context.stores.plans.get(params.id);
  if (!plan) return notFound("plan-unknown", "id");
  const events = await context.stores.plans.eventsOf(plan.id);
  return accept({ plan: { id: plan.id, ...plan.body }, events, now: context.now.toISOString() });
};

/** Is what is said about something that the plan has? */
function isOfPlan(act: CookAct, { body }: PlanRecord): boolean {
  if ("task" in act) return body.tasks.some(({ id }) => id === act.task);
  return act.kind !== "added" || body.wish.dishes.some(({ key }) => key === act.dish);
}

/** Writes a fact down. A clock that goes ahead says no more than that it was now. */
export const recordCookEvent: UseCase<"recordCookEvent"> = async ({ params, body }, context) => {
  const plan = await context.stores.plans.get(params.id);
  if (!plan) return notFound("plan-unknown", "id");
  const { act } = body;
  if (!isOfPlan(act, plan)) return refuse({ status: 422, code: "not-in-plan", field: "act" });
  const unknown = act.kind === "added" && !context.catalogue.ingredients.has(act.ingredient);
  if (unknown) return refuse({ status: 422, code: "ingredient-unknown", field: "act.ingredient" });
  const at = new Date(Math.min(Date.parse(body.at), context.now.getTime()));
  const kept = { ...body, at: at.toISOString() };
  await context.stores.plans.addEvent(plan.id, kept, context.session.memberId);
  if (act.kind === "done" || act.kind === "undone") await learnTimes(plan, context);
  return accept({ recorded: true });
};
