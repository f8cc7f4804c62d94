<script setup lang="ts">
import { ref } from "vue";
import { useNotices } from "../client/notices.ts";
import type { Submission } from "../client/use-submit.ts";
import FileField from "../ui/FileField.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { shrinkPhoto } from "./shrink-photo.ts";

/** A photo of something: shrunk here, without place or camera in it, before it is sent. */
const props = defineProps<{
  id: string;
  name: string;
  photo: string | null;
  submission: Submission;
  /** Sends the shrunk picture; gives whether it was saved. */
  save: (data: string) => Promise<boolean>;
}>();
const notices = useNotices();
const { sentence, sentenceAt, pending } = props.submission;
const shrinking = ref(false);
async function add(file: File): Promise<void> {
  props.submission.forget();
  shrinking.value = true;
  const data = await shrinkPhoto(file);
  shrinking.value = false;
  if (data === undefined) return props.submission.refuse("photo-not-a-picture", "data");
  if (await props.save(data)) notices.say({ text: `Saved the photo of ${props.name}.` });
}
</script>

<template>
  <figure class="photo">
    <img v-if="photo" :src="photo" :alt="`Photo of ${name}`" data-testid="photo-shown" />
    <div class="acts">
      <FileField
        :id="id"
        label="Photo"
        :choose-label="photo ? 'Replace photo' : 'Add a photo'"
        accept="image/*"
        :problem="sentenceAt('data')"
        @chosen="add"
      />
      <slot />
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
