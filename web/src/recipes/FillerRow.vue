<script setup lang="ts">
import Button from "primevue/button";
import IngredientField from "../basket/IngredientField.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectBox from "../ui/SelectBox.vue";
import type { LineDraft } from "./use-recipe-draft.ts";

/** Something else that may fill a line: up to and from which share, and how it stands for the written one. */
defineProps<{ id: string }>();
const filler = defineModel<LineDraft["fillers"][number]>({ required: true });
const emit = defineEmits<{ remove: [] }>();
const byChoices = [
  { value: "mass", label: "gram for gram" },
  { value: "volume", label: "by volume" },
  { value: "strength", label: "by strength" },
] as const;
</script>

<template>
  <div class="filler">
    <IngredientField :id="id" v-model="filler.ingredient" :usual="[]" label="or" />
    <NumberBox :id="`${id}-max`" v-model="filler.maxShare" label="up to, %" :factor="0.01" needed />
    <NumberBox :id="`${id}-min`" v-model="filler.minShare" label="at least, %" :factor="0.01" needed />
    <SelectBox :id="`${id}-by`" v-model="filler.convertBy" name="How it stands for it" :choices="byChoices" />
    <Button label="×" severity="secondary" aria-label="Take this filler out" @click="emit('remove')" />
  </div>
</template>

<style scoped>
.filler {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) 6.5rem 6.5rem 11.5rem auto;
  gap: 0.6rem;
  align-items: end;
  width: 100%;
}

@media (max-width: 900px) {
  .filler {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
