<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { sentenceOf } from "../app/words.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import { kindWords } from "./kind-words.ts";

const router = useRouter();
const { data: recipes, error, status } = useQuery({ key: ["recipes"], query: () => call("listRecipes", {}) });
</script>

<template>
  <PageHead title="Recipes" lead="Formulas: a role, an amount and what may fill it, line by line." />
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ul class="list">
    <li v-for="r in recipes ?? []" :key="r.id" class="card">
      <p class="kind small">{{ kindWords[r.kind] }}</p>
      <h2>
        <RouterLink :to="`/recipes/${r.id}`">{{ r.name }}</RouterLink>
      </h2>
      <p class="soft small">{{ r.servings }} servings · {{ r.minutes }} min · version {{ r.version }}</p>
      <p class="small">
        {{ r.allergens.length > 0 ? `Contains ${r.allergens.join(", ")}` : "No named allergen" }}
      </p>
      <Button
        label="Make"
        size="small"
        severity="secondary"
        :aria-label="`Make ${r.name}`"
        @click="router.push(`/cook/${r.id}`)"
      />
    </li>
  </ul>
  <EmptyState v-if="status === 'success' && recipes?.length === 0" text="This kitchen has no recipes yet." />
</template>

<style scoped>
.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.8rem;
}

li {
  display: grid;
  gap: 0.3rem;
  align-content: start;
  justify-items: start;
}

.kind {
  font-weight: 600;
  color: var(--action);
}

h2 a {
  color: inherit;
}

li :deep(.p-button) {
  margin-top: 0.3rem;
}
</style>
