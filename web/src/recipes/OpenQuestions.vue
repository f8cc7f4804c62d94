<script setup lang="ts">
import type { OpenQuestion, Recipe } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Message from "primevue/message";
import { useSession } from "../client/session.ts";
import { uncountedWords } from "./line-words.ts";

/** What a recipe leaves open, with what the tables suggest. */
const props = defineProps<{ recipe: Recipe }>();
const nameOf = (id: string): string => props.recipe.names[id] ?? id.replaceAll("-", " ");
const where = (question: OpenQuestion): string =>
  question.about === "unread" || question.about === "amount" ? "" : `Step ${question.step + 1}: `;
const session = useSession();
const grams = (value: number): string => showGrams(value, session.display);
function asked(question: OpenQuestion): string {
  switch (question.about) {
    case "temperature":
      return question.proposal
        ? `no temperature. ${question.proposal.celsius} °C is usual for ${nameOf(question.proposal.of)}.`
        : "no temperature.";
    case "time":
      return question.proposal
        ? `no time. ${question.proposal.minutes.low}–${question.proposal.minutes.high} min is usual for ${nameOf(question.proposal.of)}.`
        : "no time.";
    case "doneness":
      return question.proposal
        ? `no sign that it is done. Usual: ${question.proposal}.`
        : "no sign that it is done.";
    case "amount":
      return `“${question.text}” of ${nameOf(question.ingredient)} would be ${grams(question.wordsG)}, about ${grams(question.usableG)} of it usable; the recipe says ${grams(question.grams)}. Enter that amount again.`;
    case "unread":
      return uncountedWords(question.text);
  }
}
</script>

<template>
  <Message
    v-if="recipe.open.length > 0"
    severity="warn"
    role="region"
    aria-label="Open questions"
    data-testid="open-questions"
  >
    <h2>Open questions</h2>
    <ul>
      <li v-for="(question, i) in recipe.open" :key="i" class="small">
        <b>{{ where(question) }}</b>{{ asked(question) }}
      </li>
    </ul>
    <RouterLink :to="`/recipes/${recipe.formula.id}/edit`">Edit the recipe</RouterLink>
  </Message>
</template>

<style scoped>
ul {
  display: grid;
  gap: 0.35rem;
  margin: 0.35rem 0;
}
</style>
