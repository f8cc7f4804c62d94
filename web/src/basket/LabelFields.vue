<script setup lang="ts">
import FieldFrame from "../ui/FieldFrame.vue";
import TextBox from "../ui/TextBox.vue";
import type { LabelDraft } from "./lot-draft.ts";

/** What a bought pack says of itself, in four short fields; grams in 100 g. */
defineProps<{ idPrefix: string; sentenceAt: (field: string) => string | undefined }>();
const label = defineModel<LabelDraft>({ required: true });
const numbers = [
  { key: "salt", field: "label.saltG", name: "Salt (or mg sodium)" },
  { key: "sugars", field: "label.sugarsG", name: "Sugars" },
  { key: "acid", field: "label.acidG", name: "Acid" },
] as const;
</script>

<template>
  <fieldset>
    <legend>On the label, grams per 100 g</legend>
    <FieldFrame
      v-for="one in numbers"
      :key="one.key"
      :label="one.name"
      :for="`${idPrefix}-${one.key}`"
      :problem="sentenceAt(one.field)"
    >
      <TextBox
        :id="`${idPrefix}-${one.key}`"
        v-model="label[one.key]"
        class="figure"
        inputmode="decimal"
        placeholder="–"
        autocomplete="off"
      />
    </FieldFrame>
    <FieldFrame
      class="wide"
      label="Allergens"
      :for="`${idPrefix}-allergens`"
      :problem="sentenceAt('label.allergens')"
    >
      <TextBox
        :id="`${idPrefix}-allergens`"
        v-model="label.allergens"
        placeholder="milk, mustard"
        autocomplete="off"
      />
    </FieldFrame>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0 0 0.25rem;
  font-size: 0.875rem;
  color: var(--soft-ink);
}

.wide {
  grid-column: 1 / -1;
}

fieldset :deep(.p-inputtext) {
  width: 100%;
}
</style>
