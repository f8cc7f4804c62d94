import type { UseCases } from "../context/request-context.ts";
import { cookTimesOf } from "./cook-times.ts";
import { planCalendar } from "./plan-calendar.ts";
import { draftPlan, explainPlan, solvePlan } from "./draft-plan.ts";
import { dropPlan, getPlan, listPlans, savePlan } from "./saved-plans.ts";

export const planUseCases = {
  draftPlan,
  solvePlan,
  explainPlan,
  listPlans,
  getPlan,
  cookTimesOf,
  planCalendar,
  savePlan,
  dropPlan,
} satisfies UseCases<
  | "draftPlan"
  | "solvePlan"
  | "explainPlan"
  | "listPlans"
  | "getPlan"
  | "cookTimesOf"
  | "planCalendar"
  | "savePlan"
  | "dropPlan"
>;
