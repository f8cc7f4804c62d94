<script setup lang="ts">
import type { PlanTask } from "@apron/contract";
import type { Timer } from "@apron/core/cook";
import Button from "primevue/button";
import { computed } from "vue";
import DishTag from "../plan/DishTag.vue";
import { dayOfInstant, showClock, showDay, todayIso } from "../ui/dates.ts";
import { endingWords, timerWords } from "./cook-words.ts";
import { countdown } from "./use-alarms.ts";

/** Something that runs by itself: how long still, when it may be done, and what to say when it is looked at. */
const props = defineProps<{
  timer: Timer;
  task: PlanTask;
  /** By which its end is said; undefined of what is over by itself. */
  ending: PlanTask | undefined;
  letter: string;
  now: number;
}>();
const emit = defineEmits<{ ended: []; notYet: [minutes: number] }>();
const left = computed(() => countdown(props.timer, props.now));
/** With its day where that is not today's. */
const clock = (at: number): string => {
  const [instant, day] = [new Date(at), dayOfInstant(new Date(at).toISOString())];
  return day === todayIso() ? showClock(instant) : `${showDay(day)}, ${showClock(instant)}`;
};
const window = computed(() => {
  const { soonestAt, dueAt } = props.timer;
  return soonestAt < dueAt ? `from ${clock(soonestAt)}, planned to ${clock(dueAt)}` : `until ${clock(dueAt)}`;
});
</script>

<template>
  <article class="timer" :class="timer.stage" data-testid="timer">
    <header>
      <DishTag :letter="letter" />
      <p>
        <b>{{ task.dishName }}</b><br /><span class="small">{{ timerWords(task) }}</span>
      </p>
    </header>
    <p class="left figure" data-testid="countdown" role="timer">{{ left }}</p>
    <p class="small">
      <b v-if="timer.stage === 'over'" class="over">Over. </b>
      <b v-else-if="timer.stage === 'look'" class="look">Look now. </b>
      {{ window
      }}<template v-if="task.doneWhen && task.kind === 'by-itself'">
        · done when {{ task.doneWhen }}</template
      >
    </p>
    <div class="acts">
      <Button
        :label="endingWords(ending)"
        :severity="timer.stage === 'running' ? 'secondary' : undefined"
        data-testid="timer-done"
        @click="emit('ended')"
      />
      <template v-if="timer.stage !== 'running'">
        <Button
          label="Not yet, +5 min"
          severity="secondary"
          data-testid="not-yet"
          @click="emit('notYet', 5)"
        />
        <Button
          label="+10"
          aria-label="Not yet, 10 minutes more"
          severity="secondary"
          @click="emit('notYet', 10)"
        />
      </template>
    </div>
  </article>
</template>

<style scoped>
.timer {
  display: grid;
  gap: 0.3rem;
  align-content: start;
  padding: 0.8rem 1rem;
  background: var(--card);
  border: 1px solid var(--line);
  border-block-start: 5px solid var(--action);
  border-radius: var(--radius);
}

.timer.look {
  background: var(--soon-wash);
  border-block-start-color: var(--soon);
}

.timer.over {
  background: var(--now-wash);
  border-block-start-color: var(--now);
}

header {
  display: flex;
  gap: 0.6rem;
}

.left {
  font-size: clamp(2.6rem, 6vw, 4rem);
  line-height: 1.05;
}

.look b {
  color: var(--soon);
}

.over b {
  color: var(--now);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.acts :deep(.p-button) {
  min-height: 52px;
}
</style>
