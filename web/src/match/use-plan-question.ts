import type { MealPlanWish } from "@apron/contract";
import type { MealPlanDifference, MealPlanProblem, WhyNot } from "@apron/core/match";
import { onUnmounted, ref, shallowRef, toRaw, watch } from "vue";
import { ApiProblem, call } from "../client/api.ts";
import type { MealPlanAnswer, MealPlanQuestion } from "./meal-plan.worker.ts";
import { openSolver, type PlanAnswer } from "./use-meal-plan.ts";

/** What was asked about the plan that is shown, and the answer to it. */
export type PlanExplanation =
  | { readonly kind: "why-not"; readonly recipeId: string; readonly why: WhyNot }
  | {
      readonly kind: "what-if";
      readonly ingredient: string;
      readonly grams: number;
      readonly difference: MealPlanDifference;
    };

type ShownPlan = {
  readonly problem: MealPlanProblem | undefined;
  readonly found: PlanAnswer | undefined;
  readonly wish: MealPlanWish;
};

/** Asks a worker of its own; what was asked before is not wanted any more. */
function usePlanWorker() {
  let worker: Worker | undefined;
  let told: ((answer: MealPlanAnswer | undefined) => void) | undefined;
  const stop = (): void => {
    worker?.terminate();
    worker = undefined;
  };
  const tell = (answer: MealPlanAnswer | undefined): void => {
    told?.(answer);
    told = undefined;
  };
  function ask(question: MealPlanQuestion): Promise<MealPlanAnswer | undefined> {
    if (told) stop();
    tell(undefined);
    worker ??= openSolver({ answered: tell, failed: () => tell(undefined) });
    worker.postMessage(question);
    return new Promise((answer) => (told = answer));
  }
  onUnmounted(stop);
  return ask;
}

function shownNow({ problem, found }: ShownPlan) {
  return problem && found
    ? { problem: toRaw(problem), written: toRaw(found.written), spoils: toRaw(found.view.spoils) }
    : undefined;
}

/** The coming days as if something had been bought; undefined where nobody answers. */
const asIfBought = (wish: MealPlanWish, ingredient: string, grams: number) =>
  call("mealPlanInput", { body: { ...wish, whatIf: [{ ingredient, grams }] } }).catch((error: unknown) => {
    if (error instanceof ApiProblem) return undefined;
    throw error;
  });

/** "Why not this one?" and "What if I bought…?": worked out beside the plan. */
export function usePlanQuestion(shown: () => ShownPlan) {
  const explanation = shallowRef<PlanExplanation>();
  const state = ref<"idle" | "asking" | "failed">("idle");
  const ask = usePlanWorker();
  /** An answer is about the plan that was shown: another one makes it old. */
  watch(
    () => shown().found,
    () => (explanation.value = undefined),
  );
  async function answer(work: Promise<PlanExplanation | undefined>): Promise<void> {
    state.value = "asking";
    explanation.value = undefined;
    explanation.value = await work;
    state.value = explanation.value ? "idle" : "failed";
  }
  async function askWhyNot(recipeId: string): Promise<PlanExplanation | undefined> {
    const now = shownNow(shown());
    const found = now && (await ask({ kind: "why-not", shown: now, recipeId }));
    return found?.kind === "why-not" ? { kind: "why-not", recipeId, why: found.why } : undefined;
  }
  async function askWhatIf(ingredient: string, grams: number): Promise<PlanExplanation | undefined> {
    const now = shownNow(shown());
    const then = await asIfBought(shown().wish, ingredient, grams);
    const found = now && then && (await ask({ kind: "what-if", shown: now, then: then.problem }));
    return found?.kind === "what-if"
      ? { kind: "what-if", ingredient, grams, difference: found.difference }
      : undefined;
  }
  return {
    ...{ explanation, state },
    whyNot: (recipeId: string) => answer(askWhyNot(recipeId)),
    whatIf: (ingredient: string, grams: number) => answer(askWhatIf(ingredient, grams)),
  };
}
