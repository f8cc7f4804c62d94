<script setup lang="ts">
import { taskWords } from "@apron/core/plan";
import type { PlanExplained, PlanTask } from "@apron/contract";
import Button from "primevue/button";
import { computed } from "vue";
import { dayOfInstant, showClock } from "../ui/dates.ts";
import { takeWay, withFixed, type PlanForm } from "./plan-form.ts";
import { clashWords, remedyWords, tooEarlyWords } from "./plan-words.ts";

/** Why it cannot be, in words, and the smallest changes that make it so: each was tried, each is one tap. */
const props = defineProps<{
  explained: PlanExplained | undefined;
  tasks: readonly PlanTask[];
  tableAt: string;
}>();
const form = defineModel<PlanForm>({ required: true });
type Remedy = PlanExplained["remedies"][number];

const dishName = (key: string): string => form.value.dishes.find((dish) => dish.key === key)?.name ?? key;
const taskName = (id: string): string => {
  const task = props.tasks.find((one) => one.id === id);
  return task ? taskWords(task) : "";
};
const words = (remedy: Remedy): string => remedyWords(remedy, { clock: showClock, dishName, taskName });
const later = computed(() => props.explained?.remedies.find((one) => one.kind === "later"));
const why = computed(() => {
  const now = props.explained;
  if (!now) return "";
  const early = later.value
    ? tooEarlyWords(later.value.tableAt, { time: form.value.time, at: props.tableAt })
    : "";
  return [early, clashWords(now.clash, { dishName, cooks: form.value.cooks })].filter(Boolean).join(" ");
});

function take(remedy: Remedy): void {
  const now = form.value;
  switch (remedy.kind) {
    case "later":
      [now.day, now.time] = [dayOfInstant(remedy.tableAt), showClock(remedy.tableAt)];
      break;
    case "earlier-home":
      now.homeTime = showClock(remedy.homeAt);
      break;
    case "another-cook":
      now.cooks += 1;
      break;
    case "without":
      now.dishes = now.dishes.filter(({ key }) => key !== remedy.dish);
      now.fixed = now.fixed.filter(({ task }) => !task.startsWith(`${remedy.dish}/`));
      break;
    case "other-way":
      takeWay(now, remedy);
      break;
    case "set-free":
      now.fixed = withFixed(now, remedy.task, null);
  }
}
</script>

<template>
  <section class="card impossible" role="alert" data-testid="plan-impossible">
    <h2>This doesn't fit</h2>
    <p v-if="!explained" class="soft">Looking for what would help…</p>
    <template v-else>
      <p>{{ why }}</p>
      <div v-if="explained.remedies.length > 0" class="remedies">
        <p class="small">Any one of these makes it possible:</p>
        <Button
          v-for="remedy in explained.remedies"
          :key="words(remedy)"
          severity="secondary"
          data-testid="remedy"
          :label="words(remedy)"
          @click="take(remedy)"
        />
      </div>
      <p v-else class="small">No single change helps. Take a dish out, or choose another day.</p>
    </template>
  </section>
</template>

<style scoped>
.impossible {
  display: grid;
  gap: 0.7rem;
  border-inline-start: 4px solid var(--now);
}

.remedies {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.remedies p {
  width: 100%;
}
</style>
