<script setup lang="ts">
import type { NewFormula, RecipesImported } from "@apron/contract";
import type { LineAnswer, RecipeReview as Review } from "@apron/core/exchange";
import Button from "primevue/button";
import ProgressBar from "primevue/progressbar";
import { computed, toRefs } from "vue";
import { sentenceFor } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import RecipeReview from "./RecipeReview.vue";
import { isOpen, textOf } from "./recipe-review-draft.ts";
import type { RecipeImport } from "./use-recipe-import.ts";

/** What was found in a text or a file: one recipe line by line, many by name. */
const props = defineProps<{ importing: RecipeImport; refused: RecipesImported["refused"] }>();
const emit = defineEmits<{ save: [formulas: readonly NewFormula[]] }>();
const { recipes, formulas, problem, progress, catalogue } = toRefs(props.importing);
const shownRecipes = 200;

const only = computed(() => (recipes.value.length === 1 ? recipes.value[0]?.review : undefined));
const openCount = computed(() => recipes.value.filter(({ review }) => review.lines.some(isOpen)).length);
const percent = computed(() =>
  progress.value && progress.value.of > 0 ? Math.round((100 * progress.value.done) / progress.value.of) : 0,
);
function saveOne(review: Review, answers: ReadonlyMap<number, LineAnswer>): void {
  const formula = props.importing.formulaOf(review, answers);
  if (formula) emit("save", [formula]);
}
</script>

<template>
  <section aria-label="Result" class="read">
    <div v-if="progress" class="progress" role="status">
      <p class="soft">
        {{ progress.what === "read" ? "Reading" : "Saving" }}
        <template v-if="progress.of > 0">{{ progress.done }} of {{ progress.of }}</template
        >…
      </p>
      <ProgressBar
        :value="percent"
        :mode="progress.of > 0 ? 'determinate' : 'indeterminate'"
        :show-value="false"
        aria-label="Progress"
      />
    </div>
    <ProblemNote :text="problem" />
    <RecipeReview
      v-if="only"
      :key="textOf(only)"
      :review="only"
      :catalogue="catalogue"
      :busy="progress !== undefined"
      @save="saveOne"
    />
    <template v-else-if="recipes.length > 1">
      <p>
        Found {{ counted(recipes.length, "recipe") }}; {{ formulas.length }} can be saved.<template
          v-if="openCount > 0"
        >
          {{ openCount }} of them have lines that were not understood and are kept as text.</template
        >
      </p>
      <Button
        :label="`Save ${counted(formulas.length, 'recipe')}`"
        data-testid="save-recipes"
        :disabled="formulas.length === 0"
        :loading="progress !== undefined"
        @click="emit('save', formulas)"
      />
      <ul class="many" aria-label="Recipes found">
        <li v-for="({ review, formula }, i) in recipes.slice(0, shownRecipes)" :key="i">
          <b>{{ review.title || "(no title)" }}</b>
          <span class="soft small">
            {{ counted(review.lines.length, "line")
            }}<template v-if="!formula">, can't be saved: nothing was understood</template></span
          >
        </li>
      </ul>
    </template>
    <ul v-if="refused.length > 0" class="wrong" role="alert">
      <li v-for="one in refused" :key="one.name">
        {{ one.name }}<template v-if="one.line !== null">, line {{ one.line + 1 }}</template
        >: {{ sentenceFor({ code: one.code }) }}
      </li>
    </ul>
    <p v-if="!progress && !problem && recipes.length === 0" class="soft">
      You will see here how each line was read, before anything is saved.
    </p>
  </section>
</template>

<style scoped>
.read,
.many {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
  justify-items: start;
}

.progress {
  width: 100%;
}

.many {
  gap: 0.25rem;
  max-height: 26rem;
  overflow: auto;
}
</style>
