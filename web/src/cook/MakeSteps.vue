<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { textWithWays } from "@apron/core/recipes";
import { useSession } from "../client/session.ts";
import { stepMarks } from "../recipes/kind-words.ts";

/** What is done, step by step: heat, time, turning and sign beside each, and its loads. */
const props = defineProps<{ plan: MakePlan }>();
const session = useSession();
const grams = (g: number): string => showGrams(g, session.display);
const marks = (step: MakePlan["steps"][number]): string => stepMarks(step, grams).join(" · ");
const loadsAt = (index: number) => props.plan.loads.filter(({ step }) => step === index);
</script>

<template>
  <ol class="steps small" data-testid="make-steps">
    <li v-for="(step, i) in plan.steps" :key="i">
      {{ textWithWays(step) }}
      <template v-for="load in loadsAt(i)" :key="load.step">
        <b v-if="load.problem" class="wrong">Too little for the machine. Make more, or do it by hand.</b>
        <b v-else-if="load.count > 1">{{ load.count }} equal loads of {{ grams(load.eachG) }}.</b>
      </template>
      <span v-if="marks(step)" class="soft marks">{{ marks(step) }}</span>
    </li>
  </ol>
</template>

<style scoped>
.steps {
  display: grid;
  gap: 0.3rem;
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

.marks {
  display: block;
}
</style>
