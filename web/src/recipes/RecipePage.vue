<script setup lang="ts">
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed } from "vue";
import { useRoute, useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import CautionList from "../ui/CautionList.vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import PageHead from "../ui/PageHead.vue";
import CostView from "./CostView.vue";
import DinersView from "./DinersView.vue";
import FormulaTable from "./FormulaTable.vue";
import OpenQuestions from "./OpenQuestions.vue";
import SizeTimes from "./SizeTimes.vue";
import PlateView from "./PlateView.vue";
import VersionsView from "./VersionsView.vue";
import { allergenWords, kindWords, saidDiets, servingsWords, stepMarks, timeWords } from "./kind-words.ts";

const props = defineProps<{ id: string }>();
const route = useRoute();
const router = useRouter();
const session = useSession();
const { data: recipe, error } = useQuery({
  key: () => ["recipe", props.id],
  query: () => call("getRecipe", { params: { id: props.id } }),
});
const views = [
  { value: "formula", label: "Formula" },
  { value: "plate", label: "On the plate" },
  { value: "cost", label: "Cost" },
  { value: "diners", label: "Other diners" },
  { value: "versions", label: "Versions" },
] as const;
type View = (typeof views)[number]["value"];
/** The view is in the address: it can be linked to, and survives a reload. */
const view = computed<View>({
  get: () => views.find((one) => one.value === route.query["view"])?.value ?? "formula",
  set: (value) => void router.replace({ query: value === "formula" ? {} : { view: value } }),
});
const grams = (g: number): string => showGrams(g, session.display);
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="recipe">
    <PageHead
      :title="recipe.formula.name"
      :lead="`${kindWords[recipe.formula.kind]} · ${servingsWords(recipe.formula.servings)} · ${timeWords(recipe.formula.minutes)} · version ${recipe.version}`"
    >
      <div class="tools">
        <Button label="Edit" severity="secondary" @click="router.push(`/recipes/${id}/edit`)" />
        <Button label="Card" severity="secondary" @click="router.push(`/recipes/${id}/card`)" />
        <Button label="Make this" @click="router.push(`/cook/${id}`)" />
      </div>
    </PageHead>
    <ChoiceButtons v-model="view" label="What to look at" :choices="views" class="views" />
    <PlateView v-if="view === 'plate'" :id="id" />
    <CostView v-else-if="view === 'cost'" :id="id" />
    <DinersView v-else-if="view === 'diners'" :id="id" :recipe="recipe" />
    <VersionsView v-else-if="view === 'versions'" :id="id" :recipe="recipe" />
    <div v-else class="columns">
      <div class="left">
        <OpenQuestions :recipe="recipe" />
        <FormulaTable :recipe="recipe" />
        <ol>
          <li v-for="(step, i) in recipe.formula.steps" :key="i">
            {{ step.text }}
            <span v-if="stepMarks(step, grams).length > 0" class="small soft marks">{{
              stepMarks(step, grams).join(" · ")
            }}</span>
          </li>
        </ol>
        <SizeTimes :recipe="recipe" />
      </div>
      <div class="card right-side">
        <h2>Makes</h2>
        <p class="figure">{{ showEstimate(recipe.makesG, session.display) }} a batch</p>
        <h2>Keeps</h2>
        <p v-for="k in recipe.keeps" :key="k.place">
          <b class="figure">{{ k.days === 0 ? "today only" : `${k.days} days` }}</b> in the {{ k.place }}
          <span class="soft small">{{ k.reason }} ({{ k.source }})</span>
        </p>
        <h2>Who may eat it</h2>
        <p>{{ allergenWords(recipe.allergens) }}</p>
        <p v-if="recipe.diets.length > 0">{{ saidDiets(recipe.diets).join(" · ") }}</p>
        <template v-if="recipe.formula.notes">
          <h2>Notes</h2>
          <p class="notes">{{ recipe.formula.notes }}</p>
        </template>
        <template v-if="recipe.cautions.length > 0">
          <h2>Mind</h2>
          <CautionList :cautions="recipe.cautions" />
        </template>
        <p class="small">
          Take it along:
          <a :href="`/api/recipes/${id}/recipe.jsonld`" :download="`${id}.jsonld`">JSON-LD</a> ·
          <a :href="`/api/recipes/${id}/recipe.md`" :download="`${id}.md`">Markdown</a>
        </p>
      </div>
    </div>
  </template>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.views {
  margin-bottom: 1rem;
}

.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(17rem, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.left,
.right-side {
  display: grid;
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
