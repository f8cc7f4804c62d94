<script setup lang="ts">
import Button from "primevue/button";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";

/** Copies the demo's recipes into a kitchen that has none of its own yet. */
const notices = useNotices();
const { submit, sentence, pending } = useSubmit();
async function take(): Promise<void> {
  const taken = await submit("takeDemoRecipes", {}, "demo recipes");
  if (taken) notices.say({ text: `Added ${counted(taken.saved, "demo recipe")}.` });
}
</script>

<template>
  <Button
    label="Add the demo recipes"
    severity="secondary"
    data-testid="demo-recipes"
    :loading="pending"
    @click="take"
  />
  <ProblemNote :text="sentence" />
</template>
