<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { refDebounced } from "@vueuse/core";
import Button from "primevue/button";
import ToggleButton from "primevue/togglebutton";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { sentenceOf } from "../client/words.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import DemoRecipesButton from "./DemoRecipesButton.vue";
import RecipeCard from "./RecipeCard.vue";
import {
  dietChoices,
  isNarrowed,
  kindChoices,
  noFilters,
  queryOf,
  withoutChoices,
} from "./recipe-filters.ts";

const router = useRouter();
const filters = ref(noFilters());
const settled = refDebounced(
  computed(() => ({ ...filters.value })),
  150,
);
const {
  data: recipes,
  error,
  status,
} = useQuery({
  key: () => ["recipes", JSON.stringify(settled.value)],
  query: () => call("listRecipes", { query: queryOf(settled.value) }),
  placeholderData: (before) => before,
});
/** So many at once; a search finds the rest. */
const first = computed(() => recipes.value?.recipes ?? []);
const narrowed = computed(() => isNarrowed(settled.value));
const isEmpty = computed(() => status.value === "success" && recipes.value?.total === 0);
const clear = (): void => {
  filters.value = noFilters();
};
</script>

<template>
  <PageHead title="Recipes" lead="Formulas by weight. Each line can be filled by what you have.">
    <Button
      label="Import recipes"
      data-testid="import-recipes"
      severity="secondary"
      @click="router.push('/recipes/import')"
    />
    <Button label="New recipe" @click="router.push('/recipes/new')" />
  </PageHead>
  <div class="filters" role="search" aria-label="Find recipes">
    <TextBox
      v-model="filters.text"
      class="find"
      placeholder="Title or ingredient"
      aria-label="Search recipes"
      data-testid="search-recipes"
    />
    <SelectBox id="recipe-kind" v-model="filters.kind" name="Kind of dish" :choices="kindChoices" />
    <SelectBox id="recipe-diet" v-model="filters.diet" name="Diet" :choices="dietChoices" />
    <SelectBox id="recipe-without" v-model="filters.without" name="Allergens" :choices="withoutChoices" />
    <ToggleButton v-model="filters.onHand" on-label="In stock" off-label="In stock" />
    <ToggleButton
      v-model="filters.archived"
      data-testid="show-archived"
      on-label="Archived"
      off-label="Archived"
    />
  </div>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ul class="list" aria-label="Recipes" data-testid="recipe-list">
    <li v-for="r in first" :key="r.id"><RecipeCard :recipe="r" /></li>
  </ul>
  <p v-if="(recipes?.total ?? 0) > first.length" class="soft" role="status">
    Showing {{ first.length }} of {{ recipes?.total }}. Search to find the others.
  </p>
  <EmptyState v-if="isEmpty && narrowed" text="No recipes match these filters.">
    <Button label="Clear filters" severity="secondary" @click="clear" />
  </EmptyState>
  <EmptyState
    v-else-if="isEmpty"
    title="No recipes yet"
    text="Recipes are what your stock is matched with. Import your own from a web page, a file or pasted text, write one, or start with the demo's."
  >
    <Button label="Import recipes" @click="router.push('/recipes/import')" />
    <DemoRecipesButton />
  </EmptyState>
  <p class="out small">
    Download: <a href="/api/recipes.jsonld" download="recipes.jsonld">all recipes as JSON-LD</a>
  </p>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  margin-bottom: 1rem;
}

.find {
  flex: 1 1 16rem;
}

.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.8rem;
}

.out {
  margin-top: 1.2rem;
}
</style>
