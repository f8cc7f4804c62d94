<script setup lang="ts">
import type { CookAct, PlanTask } from "@apron/contract";
import { canBeginEarly } from "@apron/core/cook";
import { taskWords } from "@apron/core/plan";
import { useEventListener } from "@vueuse/core";
import Button from "primevue/button";
import { computed } from "vue";
import { sentenceOf } from "../client/words.ts";
import { letterAt } from "../plan/plan-form.ts";
import { timedTasks } from "../plan/use-plan.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import { endingAct } from "./cook-words.ts";
import AddToTaste from "./AddToTaste.vue";
import DoneSteps from "./DoneSteps.vue";
import CookHead from "./CookHead.vue";
import NextSteps from "./NextSteps.vue";
import NowCard from "./NowCard.vue";
import TimerCard from "./TimerCard.vue";
import { countdown, useAlarms, useTimerTitle, type Call } from "./use-alarms.ts";
import { useCookAlong } from "./use-cook-along.ts";

/** One large page for wet hands: now, next, and what runs by itself, across all dishes of a plan. */
const props = defineProps<{ id: string }>();
const { data, error, now, plan, run, goesOn, timers, agenda, doneTasks, isAllDone, say, refused } =
  useCookAlong(() => props.id);

/** Who does what, as it was planned. */
const who = computed(() => {
  const plan = data.value?.plan;
  return new Map(
    plan ? timedTasks(plan.tasks, plan.schedule, plan.wish).map((one) => [one.id, one.who]) : [],
  );
});
const tasks = computed(() => new Map((data.value?.plan.tasks ?? []).map((task) => [task.id, task])));
const dishes = computed(() => data.value?.plan.wish.dishes ?? []);
const letterOf = (dish: string): string => letterAt(dishes.value.findIndex(({ key }) => key === dish));
const nameOf = (dish: string): string =>
  [...tasks.value.values()].find((task) => task.dish === dish)?.dishName ?? dish;

type Item = { readonly task: PlanTask; readonly at: number };
const shown = (items: readonly { task: { id: string }; at: number }[]): Item[] =>
  items.flatMap(({ task, at }) => {
    const one = tasks.value.get(task.id);
    return one ? [{ task: one, at }] : [];
  });
const due = computed(() => shown(agenda.value.now));
const next = computed(() => shown(agenda.value.next));
/** Where nothing is due yet, what comes for the hands next is there to be begun early. */
const first = computed(() => due.value[0] ?? next.value.find(({ task }) => canBeginEarly(task)));
const others = computed(() => due.value.slice(1));
const coming = computed(() => next.value.filter(({ task }) => task.id !== first.value?.task.id).slice(0, 5));

const wanted = computed(() => plan.value?.tableAt ?? 0);
const tableAt = computed(() => goesOn.value?.tableAt ?? wanted.value);
const cooked = computed(() =>
  dishes.value.map(({ key, recipeId, batches }) => ({ key, recipeId, batches, name: nameOf(key) })),
);
const named = computed(() =>
  dishes.value.map(({ key }) => ({ key, letter: letterOf(key), name: nameOf(key) })),
);

const label = ({ dishName }: PlanTask, what: string): string => `${dishName}: ${what}`;
const end = (task: PlanTask): Promise<void> => say(endingAct(task), label(task, taskWords(task)));
const skip = (task: PlanTask): Promise<void> =>
  say({ kind: "skipped", task: task.id }, label(task, "skipped"));
const before = computed(() => doneTasks.value.flatMap(({ id }) => tasks.value.get(id) ?? []));
const again = (task: PlanTask): Promise<void> =>
  say({ kind: "again", task: task.id }, label(task, "once more"));
const running = computed(() =>
  timers.value.flatMap((timer) => {
    const task = tasks.value.get(timer.task);
    return task ? [{ timer, task }] : [];
  }),
);
const endTimer = (task: PlanTask, endedBy: string | null): Promise<void> =>
  say({ kind: "done", task: endedBy ?? task.id }, label(task, "done"));
const notYet = (task: PlanTask, minutes: number): Promise<void> =>
  say({ kind: "not-yet", task: task.id, minutes }, label(task, `${minutes} min more`));

/** What was said last, in words, to be taken back. */
const last = computed(() => {
  const event = run.value.last;
  if (!event) return undefined;
  const task = "task" in event.act ? tasks.value.get(event.act.task) : undefined;
  return { id: event.id, words: task ? label(task, actWords(event.act, task)) : otherActWords(event.act) };
});
const actWords = (act: CookAct, task: PlanTask): string => {
  if (act.kind === "not-yet") return `${act.minutes} min more`;
  if (act.kind === "again") return `once more: ${taskWords(task)}`;
  return act.kind === "skipped" ? "skipped" : taskWords(task);
};
const otherActWords = ({ kind }: CookAct): string =>
  kind === "added" ? "Added to taste" : kind === "paused" ? "Paused" : "Resumed";
const undo = (): void => {
  if (last.value) void say({ kind: "undone", event: last.value.id }, "Undo");
};
const pause = (): Promise<void> =>
  run.value.isPaused ? say({ kind: "resumed" }, "Go on") : say({ kind: "paused" }, "Pause");

const calls = computed((): Call[] => [
  ...running.value
    .filter(({ timer }) => timer.stage !== "running")
    .map(({ task, timer: { stage, dueAt } }) => ({
      key: `${task.id} ${stage} ${dueAt}`,
      text: label(task, stage === "over" ? "over" : "look now"),
    })),
  ...due.value
    .filter(({ task }) => task.kind === "look")
    .map(({ task }) => ({ key: task.id, text: label(task, taskWords(task)) })),
]);
const { isLoud, canAsk, isAllowed, allow } = useAlarms(calls);
useTimerTitle(() => {
  const [soonest] = running.value;
  return soonest && `${countdown(soonest.timer, now.value)} ${soonest.task.dishName}`;
});
useEventListener(window, "keydown", (event: KeyboardEvent) => {
  const isTyping =
    event.target instanceof HTMLElement && ["INPUT", "TEXTAREA", "BUTTON"].includes(event.target.tagName);
  if (isTyping || event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.key === " " && first.value) {
    event.preventDefault();
    void end(first.value.task);
  }
  if (event.key.toLowerCase() === "u") undo();
});
</script>

<template>
  <p v-if="error && !data" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="data">
    <CookHead :dishes="named" :table-at="tableAt" :wanted="wanted" />
    <p v-if="error" class="small soft" role="status">
      The kitchen can't be reached. Timers go on here, and what you tap is sent later.
    </p>
    <ProblemNote :text="refused ? sentenceOf(refused) : undefined" />
    <p v-if="goesOn && !goesOn.keepsWaits" class="waits small">
      Something will wait longer than its recipe says.
    </p>
    <div class="columns">
      <section class="left" aria-label="Now">
        <p v-if="run.isPaused" class="card" role="status">Paused. Timers go on.</p>
        <template v-if="first">
          <h2>{{ due.length > 0 ? "Now" : "Up next" }}</h2>
          <NowCard
            :task="first.task"
            :at="first.at"
            :letter="letterOf(first.task.dish)"
            :who="who.get(first.task.id)"
            is-first
            :is-due="due.length > 0"
            :dish="cooked.find(({ key }) => key === first?.task.dish)"
            @done="end(first.task)"
            @skipped="skip(first.task)"
          />
        </template>
        <p v-else-if="isAllDone" class="card" role="status" data-testid="all-done">Everything is done.</p>
        <p v-else class="card idle" role="status">Nothing to do right now.</p>
        <NowCard
          v-for="item in others"
          :key="item.task.id"
          :task="item.task"
          :at="item.at"
          :letter="letterOf(item.task.dish)"
          :who="who.get(item.task.id)"
          :is-first="false"
          is-due
          @done="end(item.task)"
          @skipped="skip(item.task)"
        />
        <AddToTaste :dishes="cooked" :additions="run.additions" @added="say" />
        <div class="bottom">
          <Button label="Undo" severity="secondary" data-testid="undo-step" :disabled="!last" @click="undo" />
          <span v-if="last" class="small soft last">{{ last.words }}</span>
        </div>
      </section>
      <section class="right" aria-label="Running and next">
        <template v-if="timers.length > 0">
          <h2>By itself</h2>
          <div class="timers">
            <TimerCard
              v-for="{ timer, task } in running"
              :key="task.id"
              :timer="timer"
              :task="task"
              :ending="tasks.get(timer.endedBy ?? '')"
              :letter="letterOf(task.dish)"
              :now="now"
              @ended="endTimer(task, timer.endedBy)"
              @not-yet="notYet(task, $event)"
            />
          </div>
        </template>
        <NextSteps v-if="coming.length > 0" :items="coming" :letter-of="letterOf" @done="end" />
        <DoneSteps :tasks="before" :letter-of="letterOf" @again="again" />
        <div v-if="isAllDone" class="finish">
          <h2>Weigh and store</h2>
          <RouterLink
            v-for="dish in dishes"
            :key="dish.key"
            :to="`/cook/${dish.recipeId}?batches=${dish.batches}&plan=${id}&dish=${dish.key}`"
            >{{ nameOf(dish.key) }}</RouterLink
          >
        </div>
        <div class="bottom">
          <Button
            :label="run.isPaused ? 'Go on' : 'Pause'"
            severity="secondary"
            data-testid="pause-cooking"
            @click="pause"
          />
          <Button :label="isLoud ? 'Sound off' : 'Sound on'" severity="secondary" @click="isLoud = !isLoud" />
          <Button v-if="canAsk && !isAllowed" label="Notify me" severity="secondary" @click="allow" />
          <RouterLink :to="`/plan/${id}`">The whole plan</RouterLink>
        </div>
      </section>
    </div>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.left,
.right,
.finish {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

.timers {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: 0.8rem;
}

.waits {
  margin-bottom: 0.6rem;
  padding: 0.4rem 0.8rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
}

.idle {
  font-size: 1.3rem;
}

.bottom {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
}

.last {
  flex: 1;
  min-width: 0;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
