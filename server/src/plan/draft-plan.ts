import { accept, refuse } from "@apron/core/measure";
import {
  draftPlan as draft,
  explainImpossible,
  lackingPlace,
  solvePlan as solve,
  type Drafted,
  type Limits,
  type PlanWish as CoreWish,
  type Remedy,
} from "@apron/core/plan";
import type { PlanExplained, PlanWish } from "@apron/contract";
import { refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentDraft, presentSchedule } from "./present-plan.ts";
import { instantOf, thisMinute, wishOf } from "./wish-of.ts";

/** As long as one request may take; a search asks often enough. */
function untilLate({ searchMs }: RequestContext): Limits {
  const end = performance.now() + searchMs;
  return { goOn: () => performance.now() < end };
}

type Made = {
  readonly plan: Drafted;
  readonly wish: CoreWish;
  readonly from: Date;
  readonly context: RequestContext;
};

/** A wish drafted from this minute on; refused where the kitchen lacks a place for something in it. */
async function drafted(body: PlanWish, context: RequestContext): Promise<Answer<Made>> {
  const from = thisMinute(context.now);
  const wish = await wishOf(body, from, context);
  if (!wish.ok) return wish;
  const plan = draft(wish.value, wish.value.tableAt, context.catalogue);
  const lacking = lackingPlace(plan);
  if (lacking) {
    const dishName = wish.value.dishes.find(({ id }) => id === lacking.dish)?.formula.name ?? "";
    const measurements = { tool: lacking.tool, dishName };
    return refuse({ status: 422, code: "plan-no-place", field: "places", measurements });
  }
  return accept({ plan, wish: wish.value, from, context });
}

/** Dishes and an hour as a problem for the browser to solve. Changes nothing. */
export const draftPlan: UseCase<"draftPlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  return made.ok ? accept(presentDraft(made.value.plan, made.value)) : made;
};

/** The whole plan for who has no browser: exact where a third of a second allows. */
export const solvePlan: UseCase<"solvePlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  if (!made.ok) return made;
  const { plan, wish, from } = made.value;
  const solved = solve(plan.problem, wish.tableAt, untilLate(context));
  if (solved === "gave-up") return refuseWith({ code: "plan-gave-up" }, "dishes");
  if (!solved) return refuseWith({ code: "plan-impossible" }, "tableAt");
  return accept({ ...presentDraft(plan, made.value), schedule: presentSchedule(solved, from) });
};

function presentRemedy(remedy: Remedy, { homeAt }: PlanWish, from: Date): PlanExplained["remedies"][number] {
  if (remedy.kind === "later") return { kind: "later", tableAt: instantOf(from, remedy.tableAt) };
  if (remedy.kind !== "earlier-home") return remedy;
  return { kind: "earlier-home", homeAt: instantOf(new Date(homeAt ?? from), -remedy.minutes) };
}

/** Why dishes cannot be on the table at that hour, and what would make it so. */
export const explainPlan: UseCase<"explainPlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  if (!made.ok) return made;
  const { plan, wish, from } = made.value;
  const limits = untilLate(context);
  const solved = solve(plan.problem, wish.tableAt, limits);
  if (solved) return accept({ isPossible: solved !== "gave-up", clash: [], remedies: [] });
  const { clash, remedies } = explainImpossible(wish, context.catalogue, limits);
  return accept({
    isPossible: false,
    clash: [...clash],
    remedies: remedies.map((remedy) => presentRemedy(remedy, body, from)),
  });
};
