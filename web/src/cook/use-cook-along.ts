import type { CookAct, CookAlong, CookEvent } from "@apron/contract";
import {
  agendaAt,
  doneBefore,
  foldRun,
  isAllDone,
  runTasks,
  timersAt,
  type CookEvent as CoreEvent,
  type PlanToCook,
  type RunPlan,
} from "@apron/core/cook";
import { useQuery } from "@pinia/colada";
import { useNow } from "@vueuse/core";
import { computed, onUnmounted, ref, shallowRef, watch } from "vue";
import { call, type ApiProblem } from "../client/api.ts";
import { useLive } from "../client/live.ts";
import { newId } from "../client/new-id.ts";
import { useOutbox } from "../client/outbox-store.ts";
import type { PendingWrite } from "../client/outbox.ts";
import type { RunOrder } from "./run-plan.worker.ts";

/** The plan as a run needs it: instants as milliseconds. */
export function planToCook({ plan }: CookAlong): PlanToCook {
  const { problem, from, wish } = plan;
  const tasks = runTasks(plan.tasks, { starts: plan.schedule.starts, from });
  return { problem, tasks, from: Date.parse(from), tableAt: Date.parse(wish.tableAt), cooks: wish.cooks };
}

export const inCore = ({ id, at, act }: CookEvent): CoreEvent => ({ id, at: Date.parse(at), act });

const isCookEvent = (write: PendingWrite): write is PendingWrite<"recordCookEvent"> =>
  write.name === "recordCookEvent";

/** What the server has, and what is still on its way there: the page shows an act at once. */
function useEvents(planId: () => string, served: () => readonly CookEvent[]) {
  const outbox = useOutbox();
  const mine = shallowRef<readonly CookEvent[]>([]);
  const waiting = computed(() =>
    outbox.waiting
      .filter(isCookEvent)
      .flatMap(({ request }) => (request.params.id === planId() ? [request.body] : [])),
  );
  const events = computed(() => {
    const known = new Map([...mine.value, ...waiting.value, ...served()].map((event) => [event.id, event]));
    return [...known.values()].map(inCore);
  });
  // What waited without a network and was refused in the end did not happen either; the outbox says so.
  watch(
    () =>
      outbox.refused.flatMap((write: PendingWrite) => (isCookEvent(write) ? [write.request.body.id] : [])),
    (ids) => (mine.value = mine.value.filter(({ id }) => !ids.includes(id))),
  );
  const refused = ref<ApiProblem>();
  async function say(event: CookEvent, label: string): Promise<void> {
    mine.value = [...mine.value, event];
    const outcome = await outbox.submit("recordCookEvent", { params: { id: planId() }, body: event }, label);
    if (outcome.kind !== "refused") return;
    // What was refused did not happen.
    mine.value = mine.value.filter(({ id }) => id !== event.id);
    refused.value = outcome.problem;
  }
  return { events, say, refused };
}

/** Works out how the plan goes on in a worker: after each act, and with each minute. */
function useRunPlan(order: () => RunOrder | undefined) {
  const goesOn = shallowRef<RunPlan>();
  const worker = new Worker(new URL("./run-plan.worker.ts", import.meta.url), { type: "module" });
  worker.addEventListener("message", ({ data }: MessageEvent<RunPlan>) => (goesOn.value = data));
  watch(order, (now) => now && worker.postMessage(now), { immediate: true });
  onUnmounted(() => worker.terminate());
  return goesOn;
}

/** The plan and its events, with how far the server's clock is ahead: taken as the answer comes, so that it never ages. */
async function askCookAlong(planId: string): Promise<CookAlong & { readonly aheadMs: number }> {
  const askedAt = Date.now();
  const answer = await call("getCookAlong", { params: { id: planId } });
  // The server said its time somewhere between: a slow answer is wrong by half of what it took at most.
  return { ...answer, aheadMs: Date.parse(answer.now) - (askedAt + Date.now()) / 2 };
}

/** Asking for it, by whichever page. */
export const useCookAlongQuery = (planId: () => string) =>
  useQuery({
    key: () => ["cook-along", planId()],
    query: () => askCookAlong(planId()),
    placeholderData: (before) => before,
  });

/** Asks again when any tablet has written something. */
function useRefetch(refetch: () => Promise<unknown>): void {
  let known = 0;
  const silence = useLive().listen({
    event: "kitchen",
    heard: (data) => {
      const { revision } = data as { revision: number };
      if (known !== 0 && revision !== known) void refetch();
      known = revision;
    },
  });
  onUnmounted(silence);
}

const minuteMs = 60_000;

/** When something is said: now, and after all that was said before, so that two quick taps, or a clock set back, keep their order. */
export const saidAt = (now: number, events: readonly Pick<CoreEvent, "at">[]): number =>
  Math.max(now, ...events.map(({ at }) => at + 1));

/** Cooking along with a plan: the same on every tablet, worked out from what was said and the time it is. */
export function useCookAlong(planId: () => string) {
  const { data, error, refetch } = useCookAlongQuery(planId);
  useRefetch(refetch);
  // The server's clock is everybody's: a tablet that goes wrong by minutes shows the same times.
  const ticking = useNow({ interval: 500 });
  const now = computed(() => ticking.value.getTime() + (data.value?.aheadMs ?? 0));
  const { events, say: send, refused } = useEvents(planId, () => data.value?.events ?? []);
  const plan = computed(() => data.value && planToCook(data.value));
  const run = computed(() => foldRun(plan.value?.tasks ?? [], events.value));
  const minute = computed(() => Math.floor(now.value / minuteMs) * minuteMs);
  const order = computed(
    (): RunOrder | undefined =>
      plan.value && {
        plan: plan.value,
        events: events.value,
        now: Math.max(minute.value, ...events.value.map(({ at }) => at)),
      },
  );
  const goesOn = useRunPlan(() => order.value);
  const cooking = computed(() => ({ tasks: plan.value?.tasks ?? [], run: run.value, now: now.value }));
  const say = (act: CookAct, label: string): Promise<void> => {
    const at = saidAt(Date.now() + (data.value?.aheadMs ?? 0), events.value);
    return send({ id: newId(), at: new Date(at).toISOString(), act }, label);
  };
  return {
    ...{ data, error, now, plan, run, goesOn, refused, say },
    timers: computed(() => timersAt(cooking.value)),
    agenda: computed(() => agendaAt(cooking.value, goesOn.value?.starts ?? new Map())),
    doneTasks: computed(() => doneBefore(cooking.value)),
    isAllDone: computed(() => cooking.value.tasks.length > 0 && isAllDone(cooking.value)),
  };
}
