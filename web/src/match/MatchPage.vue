<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import MatchCard from "./MatchCard.vue";

const session = useSession();
const { data, error, status } = useQuery({ key: ["matches"], query: () => call("listMatches", {}) });
const best = computed(() => data.value?.matches[0]?.score ?? 1);
const lead = computed(() =>
  data.value
    ? `${showGrams(data.value.surplusG, session.display)} usable in ${data.value.lots} lots. Dishes in the order of what they save from spoiling.`
    : "",
);
</script>

<template>
  <PageHead title="Match" :lead="lead" />
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div class="list">
    <MatchCard
      v-for="(match, i) in data?.matches ?? []"
      :key="match.recipeId"
      :match="match"
      :rank="i + 1"
      :share="match.score / best"
    />
  </div>
  <EmptyState
    v-if="status === 'success' && data?.matches.length === 0"
    text="No recipe uses up what is on hand and can be eaten in time. Log something in, or look through the recipes."
    action="Recipes"
    to="/recipes"
  />
</template>

<style scoped>
.list {
  display: grid;
  gap: 0.8rem;
  max-width: 62rem;
}
</style>
