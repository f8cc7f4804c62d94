<script setup lang="ts">
import type { BatchView } from "@apron/contract";
import { ref } from "vue";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import { shrinkPhoto } from "../recipes/shrink-photo.ts";
import FileField from "../ui/FileField.vue";
import ProblemNote from "../ui/ProblemNote.vue";

/** A picture of what was made: shrunk here, without place or camera in it, before it is sent. */
const props = defineProps<{ batch: BatchView }>();
const notices = useNotices();
const { submit, sentence, sentenceAt, forget, refuse, pending } = useSubmit(["data"]);
const shrinking = ref(false);
async function add(file: File): Promise<void> {
  forget();
  shrinking.value = true;
  const data = await shrinkPhoto(file);
  shrinking.value = false;
  if (data === undefined) return refuse("photo-not-a-picture", "data");
  const params = { id: props.batch.id };
  const saved = await submit("setBatchPhoto", { params, body: { data } }, `photo of ${props.batch.name}`);
  if (saved) notices.say({ text: "Saved the photo." });
}
</script>

<template>
  <figure>
    <img v-if="batch.photo" :src="batch.photo" :alt="`Photo of ${batch.name}`" data-testid="batch-photo" />
    <FileField
      id="batch-photo-file"
      label="Photo"
      :choose-label="batch.photo ? 'Replace photo' : 'Add a photo'"
      accept="image/*"
      :problem="sentenceAt('data')"
      @chosen="add"
    />
    <p v-if="shrinking || pending" class="small soft" role="status">Saving the photo…</p>
    <ProblemNote :text="sentence" />
  </figure>
</template>

<style scoped>
figure {
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
</style>
