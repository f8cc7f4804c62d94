<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import Button from "primevue/button";
import { ref } from "vue";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import FileField from "../ui/FileField.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { base64Of, shrinkPhoto } from "./shrink-photo.ts";

/** A dish's photo: shrunk here, without place or camera in it, before it is sent. */
const props = defineProps<{ recipe: Recipe }>();
const notices = useNotices();
const { submit, sentence, sentenceAt, forget, refuse, pending } = useSubmit(["data"]);
const shrinking = ref(false);

async function add(file: File): Promise<void> {
  forget();
  shrinking.value = true;
  const data = await shrinkPhoto(file);
  shrinking.value = false;
  if (data === undefined) {
    refuse("photo-not-a-picture", "data");
    return;
  }
  const params = { id: props.recipe.formula.id };
  const saved = await submit("setPhoto", { params, body: { data } }, `photo of ${props.recipe.formula.name}`);
  if (saved) notices.say({ text: `Saved the photo of ${props.recipe.formula.name}.` });
}
async function remove(address: string): Promise<void> {
  const params = { id: props.recipe.formula.id };
  const data = await fetch(address)
    .then((response) => response.blob())
    .then(base64Of)
    .catch(() => undefined);
  const removed = await submit("removePhoto", { params });
  if (!removed) return;
  const undo =
    data === undefined ? {} : { undo: { name: "setPhoto" as const, request: { params, body: { data } } } };
  notices.say({ text: "Removed the photo.", ...undo });
}
</script>

<template>
  <figure class="photo">
    <img
      v-if="recipe.photo"
      :src="recipe.photo"
      :alt="`Photo of ${recipe.formula.name}`"
      data-testid="photo-shown"
    />
    <div class="acts">
      <FileField
        id="dish-photo"
        label="Photo"
        :choose-label="recipe.photo ? 'Replace photo' : 'Add a photo'"
        accept="image/*"
        :problem="sentenceAt('data')"
        @chosen="add"
      />
      <Button
        v-if="recipe.photo"
        label="Remove photo"
        data-testid="remove-photo"
        severity="secondary"
        :loading="pending"
        @click="remove(recipe.photo)"
      />
    </div>
    <p v-if="shrinking || pending" class="small soft" role="status">Saving the photo…</p>
    <ProblemNote :text="sentence" />
  </figure>
</template>

<style scoped>
.photo {
  display: grid;
  gap: 0.5rem;
  margin: 0;
}

img {
  width: 100%;
  max-height: 16rem;
  object-fit: cover;
  border-radius: var(--p-border-radius-md);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: end;
}
</style>
