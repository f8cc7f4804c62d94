<script setup lang="ts">
import { X } from "@lucide/vue";
import Button from "primevue/button";
import IngredientField from "../catalogue/IngredientField.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectField from "../ui/SelectField.vue";
import type { LineDraft } from "./use-recipe-draft.ts";

/** Another ingredient that may fill a line, with its limits and how its amount is converted. */
defineProps<{ id: string }>();
const filler = defineModel<LineDraft["fillers"][number]>({ required: true });
const emit = defineEmits<{ remove: [] }>();
const conversions = [
  { value: "mass", label: "by weight" },
  { value: "volume", label: "by volume" },
  { value: "strength", label: "by strength" },
] as const;
</script>

<template>
  <div class="filler">
    <IngredientField :id="id" v-model="filler.ingredient" :usual="[]" label="Or" />
    <NumberBox :id="`${id}-max`" v-model="filler.maxShare" label="At most, %" :factor="0.01" needed />
    <NumberBox :id="`${id}-min`" v-model="filler.minShare" label="At least, %" :factor="0.01" needed />
    <SelectField :id="`${id}-by`" v-model="filler.convertBy" label="Convert" :choices="conversions" />
    <Button severity="secondary" aria-label="Remove this ingredient" @click="emit('remove')">
      <X :size="18" aria-hidden="true" />
    </Button>
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
