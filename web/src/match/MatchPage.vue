<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, defineAsyncComponent, useTemplateRef } from "vue";
import { call } from "../client/api.ts";
import { useAllRecipes } from "../client/queries.ts";
import DemoRecipesButton from "../recipes/DemoRecipesButton.vue";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import AcceptedPlan from "./AcceptedPlan.vue";
import MatchCard from "./MatchCard.vue";

/** The plan comes with a solver: it loads where there is something to plan. */
const MealPlanPanel = defineAsyncComponent(() => import("./MealPlanPanel.vue"));

const session = useSession();
const { data, error, status } = useQuery({ key: ["matches"], query: () => call("listMatches", {}) });
const standing = useTemplateRef("standing");
/** What was just accepted is what is looked at next. */
function lookAtIt(): void {
  standing.value?.scrollIntoView({ block: "start" });
  standing.value?.focus({ preventScroll: true });
}
const { data: recipes } = useAllRecipes();
const best = computed(() => data.value?.matches[0]?.score ?? 1);
const lead = computed(() =>
  data.value
    ? `${showGrams(data.value.surplusG, session.display)} usable in ${counted(data.value.lots, "lot")}.`
    : "",
);
</script>

<template>
  <PageHead title="Match" :lead="lead">
    <RouterLink to="/match/past" data-testid="to-past">Plans so far</RouterLink>
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div ref="standing" tabindex="-1" class="kept"><AcceptedPlan /></div>
  <MealPlanPanel v-if="data && data.lots > 0" @accepted="lookAtIt" />
  <h2 v-if="data && data.matches.length > 0" class="alone">One dish at a time</h2>
  <p v-if="data && data.matches.length > 0" class="soft small">
    Dishes that save the most from spoiling come first.
  </p>
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
  >
    <DemoRecipesButton v-if="recipes?.recipes.length === 0" />
  </EmptyState>
</template>

<style scoped>
.kept:not(:empty) {
  margin-bottom: 1.2rem;
}

.alone {
  margin: 1.6rem 0 0.6rem;
}

.list {
  display: grid;
  gap: 0.8rem;
}
</style>
