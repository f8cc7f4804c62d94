<script setup lang="ts">
import Button from "primevue/button";
import { computed } from "vue";
import { useRoute, useRouter } from "vue-router";
import { useRecipe } from "../client/queries.ts";
import { sentenceOf } from "../client/words.ts";
import PageHead from "../ui/PageHead.vue";
import TabSet from "../ui/TabSet.vue";
import { kindWords, servingsWords, timeWords } from "./kind-words.ts";

/** A recipe and its tabs; each tab is a page of its own, with its own address. */
const props = defineProps<{ id: string }>();
const route = useRoute();
const router = useRouter();
const { data: recipe, error } = useRecipe(() => props.id);
const tabs = [
  { value: "recipe", label: "Formula" },
  { value: "recipe-plate", label: "Plate" },
  { value: "recipe-cost", label: "Cost" },
  { value: "recipe-diners", label: "Other diets" },
  { value: "recipe-versions", label: "Versions" },
];
const tab = computed({
  get: () => String(route.name),
  set: (name) => void router.replace({ name, params: { id: props.id } }),
});
const lead = computed(() => {
  const now = recipe.value;
  if (!now) return "";
  const { kind, servings, minutes } = now.formula;
  return [kindWords[kind], servingsWords(servings), timeWords(minutes), `version ${now.version}`].join(" · ");
});
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="recipe">
    <PageHead :title="recipe.formula.name" :lead="lead">
      <Button label="Edit" severity="secondary" @click="router.push(`/recipes/${id}/edit`)" />
      <Button label="Print card" severity="secondary" @click="router.push(`/recipes/${id}/card`)" />
      <Button
        label="Plan"
        severity="secondary"
        data-testid="plan"
        @click="router.push(`/plan?recipe=${id}`)"
      />
      <Button label="Make this" data-testid="make" @click="router.push(`/cook/${id}`)" />
    </PageHead>
    <TabSet v-model="tab" :tabs="tabs"><RouterView /></TabSet>
  </template>
</template>
