<script setup lang="ts">
import { showEstimate, showGrams } from "@apron/core/measure";
import { textWithWays } from "@apron/core/recipes";
import { useRecipe } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import CautionList from "../ui/CautionList.vue";
import { counted } from "../ui/plural.ts";
import DishPhoto from "./DishPhoto.vue";
import FormulaTable from "./FormulaTable.vue";
import OpenQuestions from "./OpenQuestions.vue";
import SizeTimes from "./SizeTimes.vue";
import { allergenWords, dietLabels, stepMarks } from "./kind-words.ts";

/** What a recipe is made of and how, what it makes, how long it keeps and who can eat it. */
const props = defineProps<{ id: string }>();
const session = useSession();
const { data: recipe } = useRecipe(() => props.id);
const grams = (g: number): string => showGrams(g, session.display);
const keepsFor = (days: number): string => (days === 0 ? "today only" : counted(days, "day"));
</script>

<template>
  <div v-if="recipe" class="columns">
    <div class="left">
      <OpenQuestions :recipe="recipe" />
      <FormulaTable :recipe="recipe" />
      <ol aria-label="Steps">
        <li v-for="(step, i) in recipe.formula.steps" :key="i">
          {{ textWithWays(step) }}
          <span v-if="stepMarks(step, grams).length > 0" class="small soft marks">{{
            stepMarks(step, grams).join(" · ")
          }}</span>
        </li>
      </ol>
      <SizeTimes :recipe="recipe" />
    </div>
    <div class="card right-side">
      <DishPhoto :recipe="recipe" />
      <h2>Makes</h2>
      <p class="figure">{{ showEstimate(recipe.makesG, session.display) }} per batch</p>
      <h2>Keeps</h2>
      <p v-for="k in recipe.keeps" :key="k.place">
        <b class="figure">{{ keepsFor(k.days) }}</b> in the {{ k.place }}
        <span class="soft small">{{ k.reason }} ({{ k.source }})</span>
      </p>
      <h2>Allergens and diets</h2>
      <p>{{ allergenWords(recipe.allergens) }}</p>
      <p v-if="recipe.diets.length > 0">{{ dietLabels(recipe.diets).join(" · ") }}</p>
      <template v-if="recipe.formula.notes">
        <h2>Notes</h2>
        <p class="notes">{{ recipe.formula.notes }}</p>
      </template>
      <template v-if="recipe.cautions.length > 0">
        <h2>Take care</h2>
        <CautionList :cautions="recipe.cautions" />
      </template>
      <p class="small">
        Download:
        <a :href="`/api/recipes/${id}/recipe.jsonld`" :download="`${id}.jsonld`">JSON-LD</a> ·
        <a :href="`/api/recipes/${id}/recipe.md`" :download="`${id}.md`">Markdown</a>
      </p>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(17rem, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.left,
.right-side {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

.right-side {
  gap: 0.45rem;
}

.right-side h2:not(:first-child) {
  margin-top: 0.5rem;
}

ol {
  display: grid;
  gap: 0.4rem;
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

.marks {
  display: block;
}

.notes {
  white-space: pre-line;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
