<script setup lang="ts">
import { showDayOf } from "../ui/dates.ts";
import { useInParts } from "../ui/in-parts.ts";
import type { PlanForm } from "./plan-form.ts";
import { givenMinutes, type TimedTask } from "./plan-words.ts";
import PlanRow from "./PlanRow.vue";

/** The plan as a list that needs no chart, in the order of the clock. */
const props = defineProps<{
  tasks: readonly TimedTask[];
  letterOf: (dish: string) => string;
  changeable?: boolean;
}>();
const emit = defineEmits<{
  retimed: [task: string, at: Date];
  freed: [task: string];
  timed: [PlanForm["times"][number]];
  doneInWay: [way: { dish: string; step: number; way: number }];
}>();
const drawn = useInParts(() => props.tasks, 6);
const dayOf = (task: TimedTask): string => showDayOf(task.start.toISOString());
const last = (): string => dayOf(props.tasks.at(-1) as TimedTask);
/** Days are named where there is more than one. */
function dayAt(index: number): string | undefined {
  const [task, before] = [props.tasks[index], props.tasks[index - 1]];
  if (!task) return undefined;
  if (!before) return dayOf(task) === last() ? undefined : dayOf(task);
  return dayOf(task) === dayOf(before) ? undefined : dayOf(task);
}
function lasted(task: TimedTask, minutes: number): void {
  const given = givenMinutes(task, minutes, props.tasks);
  if (given) emit("timed", given);
}
</script>

<template>
  <ol class="list" data-testid="plan-list" aria-label="What to do when">
    <template v-for="(task, i) in drawn" :key="task.id">
      <li v-if="dayAt(i)" class="day">{{ dayAt(i) }}</li>
      <PlanRow
        :task="task"
        :letter="letterOf(task.dish)"
        :changeable="changeable"
        @retimed="emit('retimed', task.id, $event)"
        @freed="emit('freed', task.id)"
        @lasted="lasted(task, $event)"
        @done-in-way="emit('doneInWay', { dish: task.dish, step: task.step ?? 0, way: $event })"
      />
    </template>
  </ol>
</template>

<style scoped>
.list {
  display: grid;
}

.day {
  padding: 0.6rem 0 0.3rem;
  font-weight: 650;
}
</style>
