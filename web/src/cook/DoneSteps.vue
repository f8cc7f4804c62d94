<script setup lang="ts">
import type { PlanTask } from "@apron/contract";
import { taskWords } from "@apron/core/plan";
import Button from "primevue/button";
import DishTag from "../plan/DishTag.vue";
import FoldOut from "../ui/FoldOut.vue";

/** What is done, the last of it first; any of it may be done once more. */
defineProps<{ tasks: readonly PlanTask[]; letterOf: (dish: string) => string }>();
const emit = defineEmits<{ again: [task: PlanTask] }>();
</script>

<template>
  <FoldOut v-if="tasks.length > 0" :title="`Done (${tasks.length})`" quiet data-testid="done-steps">
    <ul>
      <li v-for="task in tasks" :key="task.id">
        <DishTag :letter="letterOf(task.dish)" :title="task.dishName" />
        <span>{{ taskWords(task) }}</span>
        <Button
          size="small"
          severity="secondary"
          label="Again"
          data-testid="step-again"
          :aria-label="`Once more: ${taskWords(task)}`"
          @click="emit('again', task)"
        />
      </li>
    </ul>
  </FoldOut>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: 1.7rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: center;
  padding: 0.35rem 0;
  border-top: 1px solid var(--line);
}
</style>
