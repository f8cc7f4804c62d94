<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import type { Submission } from "../client/use-submit.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import { piecesWords } from "../recipes/piece-words.ts";

/** What has to be trimmed before a make can be finished, and the way to say so at once; brief where it is said again. */
const props = defineProps<{
  plan: MakePlan;
  submission: Submission;
  brief?: boolean;
}>();
const emit = defineEmits<{ prepare: [] }>();
const session = useSession();
/** It stands on the page twice: what went wrong is said where it was tapped. */
const isTapped = ref(false);
function prepare(): void {
  isTapped.value = true;
  emit("prepare");
}
/** "2 lemons, about 230 g (squeeze)": what is trimmed first, and no more of it. */
const words = computed(() =>
  props.plan.prepare.map(({ rawG, name, words: how, pieces }) => {
    const what = pieces
      ? piecesWords(pieces, session.display)
      : `${showGrams(rawG, session.display)} ${name}`;
    return `${what} (${how})`;
  }),
);
</script>

<template>
  <div v-if="plan.prepare.length > 0" class="trim-first" :role="brief ? undefined : 'status'">
    <p v-if="brief">What goes in has not been trimmed yet.</p>
    <p v-else>To prepare first: {{ words.join(", ") }}. The weights below are what should be left.</p>
    <Button
      label="Prepare what this needs, by estimate"
      :data-testid="brief ? 'estimate-then-finish' : 'use-estimates'"
      size="small"
      severity="warn"
      :loading="submission.pending.value"
      @click="prepare"
    />
    <RouterLink :to="`/trim/${plan.prepare[0]?.lotId ?? ''}`">Trim and weigh</RouterLink>
    <ProblemNote :text="isTapped ? submission.sentence.value : undefined" />
  </div>
</template>

<style scoped>
.trim-first {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: center;
  padding: 0.6rem 0.8rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

p {
  width: 100%;
}
</style>
