<script setup lang="ts">
import Button from "primevue/button";
import { useNotices } from "../client/notices.ts";
import { useSubmit } from "../client/use-submit.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";

/** A set of recipes for the whole year, for a kitchen that has none of its own yet. */
const notices = useNotices();
const { submit, sentence, pending } = useSubmit();
async function take(): Promise<void> {
  const taken = await submit("takeDemoRecipes", {}, "starter recipes");
  if (taken) notices.say({ text: `Added ${counted(taken.saved, "starter recipe")}.` });
}
</script>

<template>
  <Button
    label="Add the starter recipes"
    severity="secondary"
    data-testid="demo-recipes"
    :loading="pending"
    @click="take"
  />
  <ProblemNote :text="sentence" />
</template>
