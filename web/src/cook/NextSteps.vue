<script setup lang="ts">
import type { PlanTask } from "@apron/contract";
import { taskWords } from "@apron/core/plan";
import Button from "primevue/button";
import DishTag from "../plan/DishTag.vue";
import { showClock } from "../ui/dates.ts";
import { doneWords } from "./cook-words.ts";

/** What comes after this, by the clock; any of it may be done out of its order. */
defineProps<{
  items: readonly { readonly task: PlanTask; readonly at: number }[];
  letterOf: (dish: string) => string;
}>();
const emit = defineEmits<{ done: [task: PlanTask] }>();
</script>

<template>
  <h2>Next</h2>
  <ol>
    <li v-for="item in items" :key="item.task.id" data-testid="next-step">
      <span class="figure">{{ showClock(new Date(item.at)) }}</span>
      <DishTag :letter="letterOf(item.task.dish)" :title="item.task.dishName" />
      <span>{{ taskWords(item.task) }}</span>
      <Button
        size="small"
        severity="secondary"
        :label="doneWords(item.task)"
        :aria-label="`${doneWords(item.task)}: ${taskWords(item.task)}`"
        @click="emit('done', item.task)"
      />
    </li>
  </ol>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 3.2rem 1.7rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: center;
  padding: 0.35rem 0;
  border-top: 1px solid var(--line);
}
</style>
