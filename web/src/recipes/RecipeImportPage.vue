<script setup lang="ts">
import { refDebounced, useStorage } from "@vueuse/core";
import Button from "primevue/button";
import Textarea from "primevue/textarea";
import { computed, onMounted, ref, useTemplateRef, watch } from "vue";
import { useRouter } from "vue-router";
import type { RecipeReview as Review } from "@apron/core/exchange";
import { useNotices } from "../app/notices.ts";
import { sentenceFor } from "../app/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import PageHead from "../ui/PageHead.vue";
import RecipeReview from "./RecipeReview.vue";
import { useRecipeImport } from "./use-recipe-import.ts";

const router = useRouter();
const notices = useNotices();
/** What was pasted survives a reload. */
const pasted = useStorage("apron:recipe-paste", "");
const settled = refDebounced(pasted, 250);
const { read, forget, recipes, formulas, formulaOf, saveAll, problem, progress, ready, catalogue } =
  useRecipeImport();
const refused = ref<{ name: string; code: string; line: number | null }[]>([]);

watch(
  [settled, ready],
  ([text, isReady]) => {
    if (!isReady) return;
    if (!text || text.trim() === "") forget();
    else read(text);
  },
  { immediate: true },
);
const tooLongToShow = 200_000;
async function chosen(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0];
  if (!file) return;
  const text = await file.text();
  // A library of megabytes is read, but not poured into a text field.
  if (text.length <= tooLongToShow) pasted.value = text;
  else read(text);
}
async function keep(list: typeof formulas.value): Promise<void> {
  refused.value = [];
  const done = await saveAll(list);
  if (!done) return;
  refused.value = [...done.refused];
  const [only] = done.saved;
  const same = done.same.length > 0 ? `, ${done.same.length} here already` : "";
  if (done.refused.length > 0) return;
  pasted.value = "";
  notices.say({
    text:
      only && done.saved.length === 1
        ? `${only.name} is saved.`
        : `${done.saved.length} recipes saved${same}.`,
  });
  await router.push(only && done.saved.length === 1 ? `/recipes/${only.id}` : "/recipes");
}
/** What was read; when it changes, what was answered to it no longer fits. */
const textOf = (review: Review): string =>
  [review.title, ...review.lines.map((line) => line.text)].join("\n");
const open = computed(
  () =>
    recipes.value.filter(({ review }) => review.lines.some((l) => l.ingredient === null || l.grams === null))
      .length,
);
const box = useTemplateRef<{ $el: HTMLTextAreaElement }>("box");
onMounted(() => {
  box.value?.$el.focus();
});
</script>

<template>
  <PageHead
    title="Bring recipes in"
    lead="Paste a recipe as text, a page's source, or schema.org JSON-LD; or choose a file."
  />
  <div class="columns">
    <section class="card" aria-label="What to read">
      <FieldFrame label="The recipe" for="recipe-paste">
        <Textarea
          id="recipe-paste"
          ref="box"
          v-model="pasted"
          rows="16"
          fluid
          placeholder="Green sauce&#10;Serves 6&#10;80 g parsley, chopped&#10;2 tbsp capers&#10;…"
          spellcheck="false"
        />
      </FieldFrame>
      <FieldFrame
        label="or a file"
        for="recipe-file"
        hint="JSON-LD, a saved page, Markdown or text. Nothing is saved yet."
      >
        <input
          id="recipe-file"
          type="file"
          accept=".json,.jsonld,.html,.htm,.md,.txt,application/ld+json,text/html,text/plain"
          @change="chosen"
        />
      </FieldFrame>
    </section>
    <section aria-label="How it was read" class="read">
      <p v-if="progress" class="soft" role="status">
        {{ progress.what === "read" ? "Reading" : "Saving" }}
        <template v-if="progress.of > 0">{{ progress.done }} of {{ progress.of }}</template
        >…
        <progress :value="progress.done" :max="progress.of || 1" />
      </p>
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <RecipeReview
        v-if="recipes.length === 1 && recipes[0]"
        :key="textOf(recipes[0].review)"
        :review="recipes[0].review"
        :catalogue="catalogue"
        :busy="progress !== undefined"
        @save="
          (review, answers) => {
            const formula = formulaOf(review, answers);
            if (formula) void keep([formula]);
          }
        "
      />
      <template v-else-if="recipes.length > 1">
        <p>
          <b class="figure">{{ recipes.length }}</b> recipes found,
          <b class="figure">{{ formulas.length }}</b> can be saved as they stand<template v-if="open > 0"
            >; in <b class="figure">{{ open }}</b> some lines still ask something and are kept as
            written</template
          >.
        </p>
        <Button
          :label="`Save ${formulas.length}`"
          :disabled="formulas.length === 0"
          :loading="progress !== undefined"
          @click="keep(formulas)"
        />
        <ul class="many">
          <li v-for="({ review, formula }, i) in recipes.slice(0, 200)" :key="i">
            <b>{{ review.title || "(no title)" }}</b>
            <span class="soft small">
              {{ review.lines.length }} lines<template v-if="!formula"
                >, cannot be saved: nothing in it was understood</template
              ></span
            >
          </li>
        </ul>
      </template>
      <ul v-if="refused.length > 0" class="refused" role="alert">
        <li v-for="one in refused" :key="one.name">
          {{ one.name }}<template v-if="one.line !== null">, line {{ one.line + 1 }}</template
          >: {{ sentenceFor({ code: one.code }) }}
        </li>
      </ul>
      <p v-if="!progress && !problem && recipes.length === 0" class="soft">
        How each line was read is shown here before anything is saved.
      </p>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.5fr);
  gap: 1.4rem;
  align-items: start;
}

.card,
.read,
.many {
  display: grid;
  gap: 0.7rem;
  justify-items: start;
}

.card {
  justify-items: stretch;
}

.many {
  gap: 0.25rem;
  max-height: 26rem;
  overflow: auto;
}

.wrong,
.refused {
  font-weight: 600;
  color: var(--now);
}

progress {
  width: 100%;
  accent-color: var(--action);
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
