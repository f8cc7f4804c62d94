<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import MatchCard from "./MatchCard.vue";

const session = useSession();
const { data, error, status } = useQuery({ key: ["matches"], query: () => call("listMatches", {}) });
const best = computed(() => data.value?.matches[0]?.score ?? 1);
const lead = computed(() =>
  data.value
    ? `${showGrams(data.value.surplusG, session.display)} usable in ${counted(data.value.lots, "lot")}. Dishes that save the most from spoiling come first.`
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
    title="No dish to suggest yet"
    text="Match compares what is in the basket with your recipes. Log something, or add recipes."
    action="Recipes"
    to="/recipes"
  />
</template>

<style scoped>
.list {
  display: grid;
  gap: 0.8rem;
}
</style>
