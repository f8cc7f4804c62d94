<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import { showEstimate, showGrams } from "@apron/core/measure";
import { textWithWays } from "@apron/core/recipes";
import Button from "primevue/button";
import { useRecipe } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import PageHead from "../ui/PageHead.vue";
import { allergenWords, kindWords, servingsWords, stepMarks, timeWords } from "./kind-words.ts";
import { filledBy } from "./line-words.ts";
import { goesIn } from "./piece-words.ts";

/** A recipe on one printed sheet for the wall, black on white. */
const props = defineProps<{ id: string }>();
const session = useSession();
const { data: recipe, error } = useRecipe(() => props.id);
const grams = (g: number): string => showGrams(g, session.display);
/** "about 808 g, 356 g of it goes in", of a line that is counted in whole pieces. */
const inGrams = ({ id, grams }: Recipe["formula"]["lines"][number]): string => {
  const pieces = recipe.value?.pieces[id];
  return pieces ? goesIn({ grams }, pieces, session.display) : "";
};
const print = (): void => window.print();
</script>

<template>
  <div class="screen-only">
    <PageHead title="Recipe card" :lead="recipe?.formula.name ?? ''">
      <Button label="Print" @click="print" />
    </PageHead>
    <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  </div>
  <article v-if="recipe" class="sheet" aria-label="Recipe card to print" data-testid="recipe-card">
    <h2>{{ recipe.formula.name }}</h2>
    <p class="about">
      {{ kindWords[recipe.formula.kind] }} · {{ servingsWords(recipe.formula.servings) }},
      {{ showEstimate(recipe.makesG, session.display) }} · {{ timeWords(recipe.formula.minutes) }} · version
      {{ recipe.version }}
    </p>
    <div class="halves">
      <ul>
        <li v-for="line in recipe.formula.lines" :key="line.id">
          <template v-if="recipe.pieces[line.id]"
            ><b>{{ recipe.pieces[line.id]?.count }}</b> {{ recipe.pieces[line.id]?.name }}</template
          ><template v-else
            ><b>{{ grams(line.grams) }}</b> {{ filledBy(line, recipe) }}</template
          ><template v-if="line.preparation">, {{ line.preparation }}</template
          ><template v-if="recipe.pieces[line.id]">: {{ inGrams(line) }}</template
          ><template v-if="line.optional"> (optional)</template>
        </li>
        <li v-for="text in recipe.formula.unread" :key="text">{{ text }}</li>
      </ul>
      <ol>
        <li v-for="(step, i) in recipe.formula.steps" :key="i">
          {{ textWithWays(step) }}
          <span v-if="stepMarks(step, grams).length > 0" class="marks"
            >({{ stepMarks(step, grams).join("; ") }})</span
          >
        </li>
      </ol>
    </div>
    <p class="contains">{{ allergenWords(recipe.allergens) }}</p>
    <p v-for="k in recipe.keeps" :key="k.place" class="fine">
      Keeps {{ k.days === 0 ? "today only" : counted(k.days, "day") }} in the {{ k.place }}: {{ k.reason }}.
    </p>
    <p v-for="c in recipe.cautions.filter((one) => one.severity !== 'info')" :key="c.trigger" class="fine">
      {{ c.text }}
    </p>
  </article>
</template>

<style scoped>
.sheet {
  display: grid;
  gap: 0.6rem;
  max-width: 21cm;
  padding: 1.2cm;
  color: black;
  background: white;
  border: 1px solid var(--line);
}

h2 {
  font-size: 1.7rem;
}

.about,
.contains {
  font-weight: 600;
}

.halves {
  display: grid;
  grid-template-columns: 1fr 1.3fr;
  gap: 1rem;
}

ul,
ol {
  display: grid;
  gap: 0.3rem;
  align-content: start;
}

ol {
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

.marks,
.fine {
  font-size: 0.85rem;
}

@media (max-width: 700px) {
  .halves {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media print {
  .screen-only {
    display: none;
  }

  .sheet {
    padding: 0;
    border: 0;
  }
}
</style>
