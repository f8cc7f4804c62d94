<script setup lang="ts">
import type { PlanDraft } from "@apron/contract";
import { handling } from "@apron/core/plan";
import Button from "primevue/button";
import { ref } from "vue";
import NumberBox from "../ui/NumberBox.vue";
import type { PlanForm } from "./plan-form.ts";

/** Steps that heat and say no time, of food that the handbook has none for: how long does it take here? */
defineProps<{ asked: PlanDraft["asked"] }>();
const emit = defineEmits<{ given: [PlanForm["times"][number]] }>();
const typed = ref<Record<string, number | null>>({});
const keyOf = ({ dish, step }: { dish: string; step: number }): string => `${dish}-${step}`;
function give(one: PlanDraft["asked"][number]): void {
  const minutes = typed.value[keyOf(one)];
  if (minutes == null || minutes <= 0 || minutes > 1440) return;
  const byItself = { low: Math.round(minutes), high: Math.round(minutes) };
  emit("given", { dish: one.dish, step: one.step, workMin: handling.putInMin, byItself });
}
</script>

<template>
  <section class="asked" aria-label="Times to fill in" data-testid="asked-steps">
    <p><b>How long does this take?</b> The recipe doesn't say, and the handbook has no time for it.</p>
    <form v-for="one in asked" :key="keyOf(one)" @submit.prevent="give(one)">
      <p class="small">{{ one.dishName }}, step {{ one.step + 1 }}: “{{ one.text }}”</p>
      <NumberBox
        :id="`asked-${keyOf(one)}`"
        label="Minutes"
        :model-value="typed[keyOf(one)] ?? null"
        @update:model-value="typed[keyOf(one)] = $event"
      />
      <Button type="submit" size="small" label="Use" />
    </form>
  </section>
</template>

<style scoped>
.asked {
  display: grid;
  gap: 0.6rem;
  padding: 0.7rem 0.9rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 6rem auto;
  gap: 0.6rem;
  align-items: end;
}
</style>
