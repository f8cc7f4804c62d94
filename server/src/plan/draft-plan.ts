import { accept, refuse } from "@apron/core/measure";
import { waysOfStep } from "@apron/core/recipes";
import {
  chooseWays,
  draftPlan as draft,
  explainImpossible,
  inChosenWay,
  lackingPlace,
  solvePlan as solve,
  type ChosenWay,
  type Drafted,
  type Limits,
  type PlanWish as CoreWish,
  type Remedy,
} from "@apron/core/plan";
import type { PlanDraft, PlanExplained, PlanWish } from "@apron/contract";
import { refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentDraft, presentSchedule } from "./present-plan.ts";
import { instantOf, thisMinute, wishOf } from "./wish-of.ts";

/**
 * As much as one request may compute; a search asks often enough. It is time of the processor, not of the clock: where others
 * keep the machine busy a plan takes longer, and is found all the same.
 */
function untilLate({ searchMs }: RequestContext): Limits {
  const since = process.cpuUsage();
  return { goOn: () => process.cpuUsage(since).user < searchMs * 1000 };
}

type Made = {
  readonly plan: Drafted;
  /** Steps done in another way than asked, since it does not fit else. */
  readonly ways: readonly ChosenWay[];
  readonly wish: CoreWish;
  readonly from: Date;
  readonly context: RequestContext;
};

/** A wish drafted from this minute on; refused where the kitchen lacks a place for something in it. */
async function drafted(body: PlanWish, context: RequestContext): Promise<Answer<Made>> {
  const from = thisMinute(context.now);
  const asked = await wishOf(body, from, context);
  if (!asked.ok) return asked;
  const ways = chooseWays(asked.value, context.catalogue, untilLate(context)) ?? [];
  const wish = ways.reduce(inChosenWay, asked.value);
  const plan = draft(wish, wish.tableAt, context.catalogue);
  const lacking = lackingPlace(plan);
  if (lacking) {
    const dishName = wish.dishes.find(({ id }) => id === lacking.dish)?.formula.name ?? "";
    const measurements = { tool: lacking.tool, dishName };
    return refuse({ status: 422, code: "plan-no-place", field: "places", measurements });
  }
  return accept({ plan, ways, wish, from, context });
}

const presentMade = (made: Made): PlanDraft => ({
  ...presentDraft(made.plan, made),
  ways: [...made.ways],
});

/** Dishes and an hour as a problem for the browser to solve. Changes nothing. */
export const draftPlan: UseCase<"draftPlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  return made.ok ? accept(presentMade(made.value)) : made;
};

/** The whole plan for who has no browser: exact where a third of a second allows. */
export const solvePlan: UseCase<"solvePlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  if (!made.ok) return made;
  const { plan, wish, from } = made.value;
  const solved = solve(plan.problem, wish.tableAt, untilLate(context));
  if (solved === "gave-up") return refuseWith({ code: "plan-gave-up" }, "dishes");
  if (!solved) return refuseWith({ code: "plan-impossible" }, "tableAt");
  return accept({ ...presentMade(made.value), schedule: presentSchedule(solved, from) });
};

function presentRemedy(
  remedy: Remedy,
  { homeAt }: PlanWish,
  { wish, from }: Made,
): PlanExplained["remedies"][number] {
  if (remedy.kind === "later") return { kind: "later", tableAt: instantOf(from, remedy.tableAt) };
  if (remedy.kind === "other-way") {
    const { dish, step, way, startAt } = remedy;
    const written = wish.dishes.find(({ id }) => id === dish)?.formula.steps[step];
    const text = (written && waysOfStep(written)[way]?.text) ?? "";
    return { kind: "other-way", dish, step, way, text, startAt: instantOf(from, startAt) };
  }
  if (remedy.kind !== "earlier-home") return remedy;
  return { kind: "earlier-home", homeAt: instantOf(new Date(homeAt ?? from), -remedy.minutes) };
}

/** Why dishes cannot be on the table at that hour, and what would make it so. */
export const explainPlan: UseCase<"explainPlan"> = async ({ body }, context) => {
  const made = await drafted(body, context);
  if (!made.ok) return made;
  const { plan, wish } = made.value;
  const limits = untilLate(context);
  const solved = solve(plan.problem, wish.tableAt, limits);
  if (solved) return accept({ isPossible: solved !== "gave-up", clash: [], remedies: [] });
  const { clash, remedies } = explainImpossible(wish, context.catalogue, limits);
  return accept({
    isPossible: false,
    clash: [...clash],
    remedies: remedies.map((remedy) => presentRemedy(remedy, body, made.value)),
  });
};
