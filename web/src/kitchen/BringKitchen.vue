<script setup lang="ts">
import { ref } from "vue";
import { ApiProblem, sendFile } from "../client/api.ts";
import { sentenceOf } from "../client/words.ts";
import FileField from "../ui/FileField.vue";

/** A kitchen that was taken along from elsewhere becomes one of one's own here. */
const problem = ref<string>();
const isSending = ref(false);

async function bring(file: File): Promise<void> {
  problem.value = undefined;
  isSending.value = true;
  try {
    await sendFile("bringEverything", file);
    // A fresh page: nothing of this kitchen stays in memory.
    window.location.assign("/");
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    problem.value = sentenceOf(error.status === 0 ? new ApiProblem("no-answer", 0) : error);
  } finally {
    isSending.value = false;
  }
}
</script>

<template>
  <section class="card" aria-labelledby="bring-head" data-testid="bring-kitchen">
    <h2 id="bring-head">Bring a kitchen</h2>
    <FileField
      id="bring-file"
      label="Zip file from “Take everything with you”"
      choose-label="Choose file"
      accept=".zip,application/zip"
      hint="It becomes one of your kitchens. Nothing in your other kitchens changes."
      :problem="problem"
      @chosen="bring"
    />
    <p v-if="isSending" class="soft small" role="status">Bringing it in…</p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}
</style>
