<script setup lang="ts">
import type { RecipeSummary } from "@apron/contract";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { counted } from "../ui/plural.ts";
import { allergenWords, dietLabels, kindWords, servingsWords, timeWords } from "./kind-words.ts";

/** A recipe in the library: its photo where it has one, and what decides whether to cook it. */
const props = defineProps<{ recipe: RecipeSummary }>();
const router = useRouter();
const about = computed(() => {
  const { servings, minutes, version, onHand } = props.recipe;
  return [
    servingsWords(servings),
    timeWords(minutes),
    ...(version > 1 ? [`version ${version}`] : []),
    ...(onHand > 0 ? [`${counted(onHand, "ingredient")} in stock`] : []),
  ].join(" · ");
});
</script>

<template>
  <article class="card">
    <img v-if="recipe.photo" :src="recipe.photo" alt="" loading="lazy" />
    <p class="kind small">{{ kindWords[recipe.kind] }}</p>
    <h2>
      <RouterLink :to="`/recipes/${recipe.id}`">{{ recipe.name }}</RouterLink>
    </h2>
    <p class="soft small">{{ about }}</p>
    <p class="small">{{ allergenWords(recipe.allergens) }}</p>
    <p v-if="recipe.diets.length > 0" class="soft small">{{ dietLabels(recipe.diets).join(" · ") }}</p>
    <p v-if="recipe.unread > 0" class="small open">{{ counted(recipe.unread, "line") }} not counted yet</p>
    <div class="foot">
      <Button
        label="Make"
        size="small"
        severity="secondary"
        :aria-label="`Make ${recipe.name}`"
        @click="router.push(`/cook/${recipe.id}`)"
      />
    </div>
  </article>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 0.3rem;
  height: 100%;
  overflow: hidden;
}

img {
  width: calc(100% + 2.2rem);
  height: 8.5rem;
  margin: -1rem -1.1rem 0.4rem;
  object-fit: cover;
}

.kind {
  font-weight: 600;
  color: var(--action);
}

.open {
  font-weight: 600;
  color: var(--soon);
}

.foot {
  margin-top: auto;
  padding-top: 0.3rem;
}

h2 a {
  color: inherit;
  text-decoration: none;
}

h2 a:hover {
  text-decoration: underline;
}
</style>
