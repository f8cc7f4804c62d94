import type { MealPlanInput, MealPlanWish } from "@apron/contract";
import { cardChanges, type MealPlanView } from "@apron/core/match";
import type { DishKind } from "@apron/core/recipes";
import { useQuery } from "@pinia/colada";
import { computed, onUnmounted, ref, shallowRef, toRaw, watch, type Ref } from "vue";
import { call } from "../client/api.ts";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { sentenceOf } from "../client/words.ts";
import { useSubmit } from "../client/use-submit.ts";
import { dayToggled, isDayKept, letIn, movedTo, ruledOut, timesOf, toggled } from "./argue.ts";
import type { MealPlanAnswer, MealPlanQuestion } from "./meal-plan.worker.ts";

type Solving = "working" | "better" | "done" | "impossible" | "failed";

/** Longer than the solver may take: it is stuck, and begun anew it would be again. */
const patienceMs = 25_000;

/** Solves in a worker that stays warm between problems; a new problem ends one that is still at work. */
function useMealPlanSolver() {
  const view = shallowRef<MealPlanView>();
  /** The same as it is sent where it is accepted. */
  const found = shallowRef<PlanAnswer>();
  const solving = ref<Solving>("working");
  let worker: Worker | undefined;
  let isBusy = false;
  let patience: ReturnType<typeof setTimeout> | undefined;
  function stop(): void {
    worker?.terminate();
    worker = undefined;
    rest();
  }
  function rest(): void {
    isBusy = false;
    clearTimeout(patience);
  }
  function fail(): void {
    stop();
    // The best plan so far stays.
    solving.value = "failed";
  }
  function answered(data: MealPlanAnswer): void {
    if (data.kind !== "plan" && data.kind !== "impossible") return fail();
    found.value = data.kind === "plan" ? data : undefined;
    view.value = found.value?.view;
    solving.value = data.kind === "impossible" ? "impossible" : data.isLast ? "done" : "better";
    if (solving.value !== "better") rest();
  }
  function solve(problem: MealPlanInput["problem"]): void {
    if (isBusy) stop();
    worker ??= openSolver({ answered, failed: fail });
    [isBusy, solving.value] = [true, "working"];
    patience = setTimeout(fail, patienceMs);
    worker.postMessage({ kind: "plan", problem: toRaw(problem) } satisfies MealPlanQuestion);
  }
  onUnmounted(stop);
  return { view, found, solving, solve };
}

export type PlanTold = { readonly answered: (answer: MealPlanAnswer) => void; readonly failed: () => void };

/** A worker that was terminated says nothing any more. */
export function openSolver({ answered, failed }: PlanTold): Worker {
  const worker = new Worker(new URL("./meal-plan.worker.ts", import.meta.url), { type: "module" });
  worker.addEventListener("error", failed);
  worker.addEventListener("message", ({ data }: MessageEvent<MealPlanAnswer>) => {
    answered(data);
  });
  return worker;
}

/** Days that are not as usual: guests, a meal out, more or less time. */
function useDays(wish: Ref<MealPlanWish>, change: (to: Partial<MealPlanWish>) => void) {
  const asUsual = { people: null, minutes: null };
  const dayWish = (day: number): MealPlanWish["perDay"][number] => wish.value.perDay[day] ?? asUsual;
  function setDay(day: number, to: Partial<MealPlanWish["perDay"][number]>): void {
    const perDay = Array.from({ length: wish.value.days }, (_, i) => ({
      ...dayWish(i),
      ...(i === day ? to : {}),
    }));
    change({ perDay });
  }
  return { dayWish, setDay };
}

const nothingSaid: Pick<MealPlanWish, "keep" | "without" | "timesOfAKind"> = {
  ...{ keep: [], without: [], timesOfAKind: {} },
};

/** Dishes kept, moved to another day, left out, and let in again. */
function useArguing(wish: Ref<MealPlanWish>, change: (to: Partial<MealPlanWish>) => void) {
  return {
    isKept: (recipeId: string, day: number): boolean =>
      wish.value.keep.some((one) => one.recipeId === recipeId && one.day === day),
    toggleKept: (recipeId: string, day: number | null): void => change(toggled(wish.value, recipeId, day)),
    move: (recipeId: string, days: { readonly from: number; readonly to: number }): void =>
      change(movedTo(wish.value, recipeId, days)),
    isDayKept: (day: number, dishes: readonly string[]): boolean => isDayKept(wish.value, dishes, day),
    toggleDay: (day: number, dishes: readonly string[]): void => change(dayToggled(wish.value, dishes, day)),
    ruleOut: (recipeId: string): void => change(ruledOut(wish.value, recipeId)),
    letIn: (recipeId: string): void => change(letIn(wish.value, recipeId)),
    atMost: (kind: DishKind, most: number | null): void => change(timesOf(wish.value, kind, most)),
    takeBack: (): void => change(nothingSaid),
  };
}

export type PlanAnswer = Extract<MealPlanAnswer, { readonly kind: "plan" }>;
type Shown = {
  readonly found: PlanAnswer | undefined;
  readonly wish: MealPlanWish;
  /** The day that it begins on. */
  readonly from: string;
};

/** Accepting the plan that is shown: the server checks it once more, and keeps its lots for it. */
function useAccepting(shown: () => Shown, { accepted }: { readonly accepted: () => void }) {
  const submission = useSubmit();
  const notices = useNotices();
  const refresh = useRefresh();
  let id = newId();
  async function accept(): Promise<boolean> {
    const { found, wish, from } = shown();
    if (!found) return false;
    const body = { id, from, wish, plan: found.written, proof: found.proof };
    const done = await submission.submit("acceptMealPlan", { body }, "Accept the plan");
    id = newId();
    if (done) {
      notices.say({ text: "Plan accepted. What it uses is kept for it." });
      accepted();
    }
    // Something changed: it is worked out again from what there is now, and this plan is not there to say so any more.
    const { problem } = submission;
    if (problem.value?.code === "meal-plan-outdated") {
      notices.say({ text: sentenceOf(problem.value) });
      submission.forget();
    }
    await refresh();
    return done !== undefined;
  }
  return { accept, accepting: submission };
}

/** Minutes for cooking on a day, where nothing else was said. */
const usualMinutes = 90;

/** What a cook asks of the coming days, the plan for it, and arguing with it. */
export function useMealPlan() {
  const wish = ref<MealPlanWish>({
    ...{ days: 3, minutes: usualMinutes, perDay: [], whatIf: [], lessWork: 0.25, ...nothingSaid },
  });
  const input = useQuery({
    key: () => ["meal-plan", JSON.stringify(wish.value)],
    query: () => call("mealPlanInput", { body: wish.value }),
    placeholderData: (before: MealPlanInput | undefined) => before,
  });
  const { view, found, solving, solve } = useMealPlanSolver();
  const problem = computed(() => input.data.value?.problem);
  // Asked anew after every write in the kitchen; planned anew only where that changes anything here.
  const asText = computed(() => JSON.stringify(problem.value));
  watch(asText, () => problem.value && solve(problem.value), { immediate: true });
  /** The plan before what was last asked: what is otherwise now is marked. */
  const before = shallowRef<MealPlanView>();
  const change = (to: Partial<MealPlanWish>): void => {
    if (solving.value === "done") before.value = view.value;
    wish.value = { ...wish.value, ...to };
  };
  const changes = computed(() =>
    before.value && view.value && solving.value === "done"
      ? cardChanges(before.value, view.value)
      : undefined,
  );
  return {
    ...{ wish, change, view, found, solving, error: input.error, problem },
    ...useDays(wish, change),
    ...useAccepting(() => ({ found: found.value, wish: wish.value, from: input.data.value?.today ?? "" }), {
      accepted: () => {
        change(nothingSaid);
        before.value = undefined;
      },
    }),
    nameOf: (ingredient: string): string => input.data.value?.names[ingredient] ?? ingredient,
    changes,
    ...useArguing(wish, change),
  };
}
