<script setup lang="ts">
import type { OpenQuestion, Recipe } from "@apron/contract";

/** What a recipe does not say, with what the tables propose. */
const props = defineProps<{ recipe: Recipe }>();
const nameOf = (id: string): string => props.recipe.names[id] ?? id.replaceAll("-", " ");
const where = (question: OpenQuestion): string =>
  question.about === "unread" ? "" : `Step ${question.step + 1}: `;
function asked(question: OpenQuestion): string {
  switch (question.about) {
    case "temperature":
      return question.proposal
        ? `how hot? ${question.proposal.celsius} °C is usual for ${nameOf(question.proposal.of)}.`
        : "how hot?";
    case "time":
      return question.proposal
        ? `how long? ${question.proposal.minutes.low}–${question.proposal.minutes.high} min is usual for ${nameOf(question.proposal.of)}.`
        : "how long?";
    case "doneness":
      return question.proposal ? `done when? Usually: ${question.proposal}.` : "done when?";
    case "unread":
      return `“${question.text}” was not understood and counts for nothing.`;
  }
}
</script>

<template>
  <section v-if="recipe.open.length > 0" class="open" aria-label="Not said">
    <h2>Not said</h2>
    <ul>
      <li v-for="(question, i) in recipe.open" :key="i" class="small">
        <b>{{ where(question) }}</b>{{ asked(question) }}
      </li>
    </ul>
    <RouterLink :to="`/recipes/${recipe.formula.id}/edit`">Answer them</RouterLink>
  </section>
</template>

<style scoped>
.open,
ul {
  display: grid;
  gap: 0.35rem;
}

.open {
  padding: 0.7rem 0.9rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}
</style>
