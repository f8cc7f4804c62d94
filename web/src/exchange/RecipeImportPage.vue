<script setup lang="ts">
import type { RecipesImported } from "@apron/contract";
import type { RecipeFile } from "@apron/core/exchange";
import { refDebounced } from "@vueuse/core";
import Textarea from "primevue/textarea";
import { computed, onMounted, ref, shallowRef, useTemplateRef, watch } from "vue";
import { useRouter } from "vue-router";
import { useNotices } from "../client/notices.ts";
import { useDraft } from "../client/use-draft.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FileField from "../ui/FileField.vue";
import PageHead from "../ui/PageHead.vue";
import { counted } from "../ui/plural.ts";
import RecipesRead from "./RecipesRead.vue";
import { useRecipeImport, type ReadyRecipe } from "./use-recipe-import.ts";

const router = useRouter();
const notices = useNotices();
const { draft: pasted, clear } = useDraft("recipe-paste", () => ({ text: "" }));
const settled = refDebounced(
  computed(() => pasted.value.text),
  250,
);
const importing = useRecipeImport();
const refused = ref<RecipesImported["refused"]>([]);

/** What is to be read: what was pasted, or the files chosen since. It waits for the kitchen's names. */
const source = shallowRef<readonly RecipeFile[]>([]);
watch(settled, (text) => (source.value = text.trim() === "" ? [] : [{ name: "", text }]), {
  immediate: true,
});
watch(
  [source, () => importing.ready] as const,
  ([files, isReady]) => {
    if (!isReady) return;
    if (files.length === 0) importing.forget();
    else importing.read(files);
  },
  { immediate: true },
);
const tooLongToShow = 200_000;
async function chooseFiles(chosen: readonly File[]): Promise<void> {
  const files = await Promise.all(chosen.map(async (file) => ({ name: file.name, text: await file.text() })));
  const [only] = files;
  // A library of megabytes, or of many files, is read, but not poured into a text field.
  if (only && files.length === 1 && only.text.length <= tooLongToShow) pasted.value.text = only.text;
  else source.value = files;
}
async function save(recipes: readonly ReadyRecipe[]): Promise<void> {
  refused.value = [];
  const done = await importing.saveAll(recipes);
  if (!done) return;
  refused.value = [...done.refused];
  if (done.refused.length > 0) return;
  clear();
  importing.clear();
  const noPicture =
    done.withoutPicture.length > 0 ? ` The picture of ${done.withoutPicture.join(", ")} can't be shown.` : "";
  const [only] = done.saved;
  if (only && done.saved.length === 1) {
    notices.say({ text: `Saved ${only.name}.${noPicture}` });
    await router.push(`/recipes/${only.id}`);
    return;
  }
  const same = done.same.length > 0 ? ` ${done.same.length} were already here.` : "";
  notices.say({ text: `Saved ${counted(done.saved.length, "recipe")}.${same}${noPicture}` });
  await router.push("/recipes");
}
const box = useTemplateRef<{ $el: HTMLTextAreaElement }>("box");
onMounted(() => {
  box.value?.$el.focus();
});
</script>

<template>
  <PageHead
    title="Import recipes"
    lead="Paste a recipe as text, a web page's source or schema.org JSON-LD, or choose files."
  />
  <div class="columns">
    <section class="card" aria-label="Source">
      <FieldFrame label="Recipe text" for="recipe-paste">
        <Textarea
          id="recipe-paste"
          ref="box"
          v-model="pasted.text"
          rows="16"
          fluid
          placeholder="Green sauce&#10;Serves 6&#10;80 g parsley, chopped&#10;2 tbsp capers&#10;…"
          spellcheck="false"
        />
      </FieldFrame>
      <FileField
        id="recipe-file"
        label="Or files"
        choose-label="Choose files"
        multiple
        accept=".json,.jsonld,.html,.htm,.md,.txt,application/ld+json,text/html,text/plain"
        hint="JSON-LD, a saved web page, Markdown or text. Nothing is saved yet."
        @chosen-all="chooseFiles"
      />
    </section>
    <RecipesRead :importing="importing" :refused="refused" @save="save" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 2.2fr);
  gap: 1.4rem;
  align-items: start;
}

.card {
  display: grid;
  gap: 0.7rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
