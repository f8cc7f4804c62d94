<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import Button from "primevue/button";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import PhotoField from "./PhotoField.vue";
import { base64Of } from "./shrink-photo.ts";

/** A dish's photo, which may be removed again. */
const props = defineProps<{ recipe: Recipe }>();
const notices = useNotices();
const submission = useSubmit(["data"]);
const { submit, pending } = submission;

async function save(data: string): Promise<boolean> {
  const { id, name } = props.recipe.formula;
  const saved = await submit("setPhoto", { params: { id }, body: { data } }, `photo of ${name}`);
  return saved !== undefined;
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
  <PhotoField
    id="dish-photo"
    :name="recipe.formula.name"
    :photo="recipe.photo"
    :submission="submission"
    :save="save"
  >
    <Button
      v-if="recipe.photo"
      label="Remove photo"
      data-testid="remove-photo"
      severity="secondary"
      :loading="pending"
      @click="remove(recipe.photo)"
    />
  </PhotoField>
</template>
