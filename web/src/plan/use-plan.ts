import type { PlanDraft, PlanExplained, PlanSchedule, PlanTask, PlanWish } from "@apron/contract";
import { whoDoes } from "@apron/core/plan";
import { watchDebounced } from "@vueuse/core";
import { computed, ref, shallowRef, watch, type Ref } from "vue";
import { ApiProblem, call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { wishOfForm, withWaysTaken, type PlanForm } from "./plan-form.ts";
import type { SolverAnswer } from "./plan-solver.worker.ts";
import type { TimedTask } from "./plan-words.ts";
import { usePlanSolver } from "./use-plan-solver.ts";

export type PlanState = "empty" | "working" | "planned" | "impossible" | "refused";

const later = (from: string, minutes: number): Date => new Date(Date.parse(from) + minutes * 60_000);

/** The schedule of an answer as it is kept: instants. */
function scheduleOf(answer: Extract<SolverAnswer, { kind: "solved" }>, from: string): PlanSchedule {
  const { schedule, startAt, latestStart, isProven } = answer.solved;
  const instant = (minutes: number): string => later(from, minutes).toISOString();
  return {
    starts: [...schedule].map(([task, { start }]) => ({ task, at: instant(start) })),
    startAt: instant(startAt),
    latestStart: instant(latestStart),
    isProven,
  };
}

/** Tasks with their instants, in the order of the clock. */
export function timedTasks(
  tasks: readonly PlanTask[],
  { starts }: Pick<PlanSchedule, "starts">,
  { fixed, crew }: Pick<PlanWish, "fixed" | "crew">,
): TimedTask[] {
  const at = new Map(starts.map((one) => [one.task, one.at]));
  const timed = tasks.flatMap((task): TimedTask[] => {
    const start = at.get(task.id);
    if (start === undefined) return [];
    const end = later(start, Math.round(task.minutes.high));
    const isFixed = fixed.some((one) => one.task === task.id);
    return [{ ...task, start: new Date(start), end, isFixed, who: "" }];
  });
  const shifts = timed.map((task) => ({ ...task, start: task.start.getTime(), end: task.end.getTime() }));
  const who = crew.length === 0 ? new Map<string, string | null>() : whoDoes(shifts, crew);
  for (const [i, task] of timed.entries())
    timed[i] = { ...task, who: who.has(task.id) ? (who.get(task.id) ?? "whoever is free") : "" };
  return timed.sort((a, b) => a.start.getTime() - b.start.getTime() || a.end.getTime() - b.end.getTime());
}

/** A plan that was made: of which wish, what its tasks are, when they start. The three belong together. */
type MadePlan = { readonly wish: PlanWish; readonly draft: PlanDraft; readonly schedule: PlanSchedule };

/** What is known of the plan being made. */
const planRefs = () => ({
  state: ref<PlanState>("empty"),
  draft: shallowRef<PlanDraft>(),
  made: shallowRef<MadePlan>(),
  explained: shallowRef<PlanExplained>(),
  problem: shallowRef<ApiProblem>(),
  isImproving: ref(false),
  /** What is shown is of what is asked now, not of what was asked before. */
  isCurrent: ref(false),
});
type PlanRefs = ReturnType<typeof planRefs>;

/** Takes an answer of the solver in. Gives true where there is no plan and the reason is to be asked for. */
function takeAnswer(
  plan: PlanRefs,
  answer: SolverAnswer,
  { wish, draft }: Pick<MadePlan, "wish" | "draft">,
): boolean {
  plan.isImproving.value = answer.kind === "solved" && !answer.isLast;
  if (answer.kind === "solved") {
    plan.made.value = { wish, draft, schedule: scheduleOf(answer, draft.from) };
    [plan.state.value, plan.isCurrent.value] = ["planned", true];
    return false;
  }
  // What was shown already stays: only the search for a better one came to nothing.
  if (answer.kind === "gave-up" && plan.isCurrent.value) return false;
  [plan.made.value, plan.state.value] = [undefined, "impossible"];
  return true;
}

function clearPlan(plan: PlanRefs): void {
  [plan.draft.value, plan.made.value, plan.state.value] = [undefined, undefined, "empty"];
}

/** Counts what is asked, so that an answer to what was asked before says nothing. */
function turnsOf(plan: PlanRefs) {
  let turn = 0;
  const isNow = (): (() => boolean) => {
    const mine = turn;
    return () => mine === turn;
  };
  const ask = async <Reply>(asked: Promise<Reply>, take: (reply: Reply) => void): Promise<void> => {
    const mine = isNow();
    try {
      const reply = await asked;
      if (mine()) take(reply);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (mine()) [plan.problem.value, plan.state.value] = [error, "refused"];
    }
  };
  return { isNow, ask, next: () => (turn += 1) };
}

/** Plans as the form changes: drafted by the kitchen's server, solved in a worker here, explained where it cannot be. */
export function usePlan(form: Ref<PlanForm>) {
  const session = useSession();
  const wish = computed(() => wishOfForm(form.value, { timeZone: session.timeZone, places: session.places }));
  const plan = planRefs();
  const { ask, isNow, next } = turnsOf(plan);
  const solver = usePlanSolver();
  async function again(): Promise<void> {
    const asked = wish.value;
    [plan.explained.value, plan.problem.value] = [undefined, undefined];
    if (!asked) return clearPlan(plan);
    if (plan.state.value !== "planned") plan.state.value = "working";
    const mine = isNow();
    await ask(call("draftPlan", { body: asked }), (draft) => {
      plan.draft.value = draft;
      solver.solve(draft, (answer) => {
        if (!mine() || !takeAnswer(plan, answer, { wish: withWaysTaken(asked, draft.ways), draft })) return;
        void ask(call("explainPlan", { body: asked }), (reply) => (plan.explained.value = reply));
      });
    });
  }
  function changed(): void {
    next();
    plan.isCurrent.value = false;
    solver.stop();
  }
  watch(wish, changed, { deep: true });
  watchDebounced(wish, () => void again(), { deep: true, debounce: 250, immediate: true });
  const tasks = computed(() => {
    const now = plan.made.value;
    return now ? timedTasks(now.draft.tasks, now.schedule, { ...now.wish, fixed: form.value.fixed }) : [];
  });
  return { ...plan, wish, tasks };
}
