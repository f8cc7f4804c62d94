<script setup lang="ts">
import type { RecipesImported } from "@apron/contract";
import Button from "primevue/button";
import ProgressBar from "primevue/progressbar";
import { computed, ref, toRefs, watch } from "vue";
import { useRememberMeaning } from "../catalogue/use-remember-meaning.ts";
import { sentenceFor } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import RecipeReview from "./RecipeReview.vue";
import { isOpen } from "./recipe-review-draft.ts";
import type { ReadyRecipe, RecipeImport } from "./use-recipe-import.ts";

/** What was found in a text or a file: one recipe line by line, many by name, each of which can be opened. */
const props = defineProps<{ importing: RecipeImport; refused: RecipesImported["refused"] }>();
const emit = defineEmits<{ save: [recipes: readonly ReadyRecipe[]] }>();
const { recipes, toSave, problem, progress, catalogue } = toRefs(props.importing);
const shownRecipes = 200;

const chosen = ref(0);
watch(
  () => recipes.value.length,
  () => (chosen.value = 0),
);
const only = computed(() => recipes.value[chosen.value]);
const openCount = computed(() => recipes.value.filter(({ review }) => review.lines.some(isOpen)).length);
const percent = computed(() =>
  progress.value && progress.value.of > 0 ? Math.round((100 * progress.value.done) / progress.value.of) : 0,
);
const remember = useRememberMeaning();
async function saveOne(): Promise<void> {
  await props.importing.settled();
  const ready = props.importing.readyOf(chosen.value);
  if (ready) emit("save", [ready]);
}
async function saveEvery(): Promise<void> {
  await props.importing.settled();
  emit("save", toSave.value);
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
    <template v-if="recipes.length > 1">
      <p>
        Found {{ counted(recipes.length, "recipe") }}; {{ toSave.length }} can be saved.
        <template v-if="openCount > 0">
          {{ openCount }} of them have lines that were not understood and are kept as text.
        </template>
      </p>
      <Button
        :label="`Save ${counted(toSave.length, 'recipe')}`"
        data-testid="save-recipes"
        :disabled="toSave.length === 0"
        :loading="progress !== undefined"
        @click="saveEvery"
      />
      <ul class="many" aria-label="Recipes found">
        <li v-for="({ review, formula }, i) in recipes.slice(0, shownRecipes)" :key="i">
          <Button
            :label="review.title || '(no title)'"
            size="small"
            :variant="i === chosen ? 'outlined' : 'text'"
            :aria-pressed="i === chosen"
            @click="chosen = i"
          />
          <span class="soft small">
            {{ counted(review.lines.length, "line")
            }}<template v-if="!formula"
              >, can't be saved yet: a title and a line that is understood are needed</template
            ></span
          >
        </li>
      </ul>
    </template>
    <RecipeReview
      v-if="only"
      :key="chosen"
      :recipe="only"
      :changed="importing.changedOf(chosen)"
      :catalogue="catalogue"
      :busy="progress !== undefined"
      @change="importing.change(chosen, $event)"
      @meant="remember"
      @save="saveOne"
    />
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
