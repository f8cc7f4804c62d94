import type { PlanDraft, PlanExplained, PlanSchedule, PlanTask } from "@apron/contract";
import { watchDebounced } from "@vueuse/core";
import { computed, ref, shallowRef, watch, type Ref } from "vue";
import { ApiProblem, call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { wishOfForm, type PlanForm } from "./plan-form.ts";
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
  fixed: readonly { readonly task: string }[],
): TimedTask[] {
  const at = new Map(starts.map((one) => [one.task, one.at]));
  const timed = tasks.flatMap((task): TimedTask[] => {
    const start = at.get(task.id);
    if (start === undefined) return [];
    const end = later(start, Math.round(task.minutes.high));
    return [{ ...task, start: new Date(start), end, isFixed: fixed.some((one) => one.task === task.id) }];
  });
  return timed.sort((a, b) => a.start.getTime() - b.start.getTime() || a.end.getTime() - b.end.getTime());
}

/** What is known of the plan being made; `turn` counts what was asked, so that an answer to an older wish says nothing. */
const planRefs = () => ({
  state: ref<PlanState>("empty"),
  draft: shallowRef<PlanDraft>(),
  schedule: shallowRef<PlanSchedule>(),
  explained: shallowRef<PlanExplained>(),
  problem: shallowRef<ApiProblem>(),
  isImproving: ref(false),
});
type PlanRefs = ReturnType<typeof planRefs>;

/** Takes an answer of the solver in. Gives true where there is no plan and the reason is to be asked for. */
function takeAnswer(plan: PlanRefs, answer: SolverAnswer, from: string): boolean {
  plan.isImproving.value = answer.kind === "solved" && !answer.isLast;
  if (answer.kind === "solved") {
    plan.schedule.value = scheduleOf(answer, from);
    plan.state.value = "planned";
    return false;
  }
  // What was shown already stays: only the search for a better one came to nothing.
  if (answer.kind === "gave-up" && plan.state.value === "planned") return false;
  plan.schedule.value = undefined;
  plan.state.value = "impossible";
  return true;
}

function clearPlan(plan: PlanRefs): void {
  [plan.draft.value, plan.schedule.value, plan.state.value] = [undefined, undefined, "empty"];
}

/** Plans as the form changes: drafted by the kitchen's server, solved in a worker here, explained where it cannot be. */
export function usePlan(form: Ref<PlanForm>) {
  const session = useSession();
  const wish = computed(() => wishOfForm(form.value, session.session?.kitchen.timeZone ?? "UTC"));
  const plan = planRefs();
  let turn = 0;
  const ask = async <Reply>(asked: Promise<Reply>, take: (reply: Reply) => void): Promise<void> => {
    const mine = turn;
    try {
      const reply = await asked;
      if (mine === turn) take(reply);
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      if (mine === turn) [plan.problem.value, plan.state.value] = [error, "refused"];
    }
  };
  const solver = usePlanSolver((answer) => {
    const [drafted, asked] = [plan.draft.value, wish.value];
    if (!drafted || !asked || !takeAnswer(plan, answer, drafted.from)) return;
    void ask(call("explainPlan", { body: asked }), (reply) => (plan.explained.value = reply));
  });
  async function again(): Promise<void> {
    solver.stop();
    [plan.explained.value, plan.problem.value] = [undefined, undefined];
    const asked = wish.value;
    if (!asked) return clearPlan(plan);
    if (plan.state.value !== "planned") plan.state.value = "working";
    await ask(call("draftPlan", { body: asked }), (drafted) => {
      plan.draft.value = drafted;
      solver.solve(drafted);
    });
  }
  watch(wish, () => (turn += 1), { deep: true });
  watchDebounced(wish, () => void again(), { deep: true, debounce: 250, immediate: true });
  const tasks = computed(() => {
    const [drafted, made] = [plan.draft.value, plan.schedule.value];
    return drafted && made ? timedTasks(drafted.tasks, made, form.value.fixed) : [];
  });
  return { ...plan, wish, tasks };
}
