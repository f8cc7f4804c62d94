<script setup lang="ts">
import TextBox from "../ui/TextBox.vue";
import Select from "primevue/select";
import FieldFrame from "../ui/FieldFrame.vue";
import { gradeNames, placeNames, sourceNames, type LotDraft } from "./lot-draft.ts";

defineProps<{
  idPrefix: string;
  sentenceAt: (field: string) => string | undefined;
  priceProblem: string | undefined;
}>();
const draft = defineModel<LotDraft>({ required: true });
</script>

<template>
  <div class="details">
    <FieldFrame label="From" :for="`${idPrefix}-source`" :problem="sentenceAt('source')">
      <Select
        v-model="draft.sourceKind"
        :label-id="`${idPrefix}-source`"
        :options="[...sourceNames]"
        option-label="label"
        option-value="value"
        aria-label="From"
      />
    </FieldFrame>
    <FieldFrame label="Bed or stall" :for="`${idPrefix}-note`">
      <TextBox :id="`${idPrefix}-note`" v-model="draft.sourceNote" maxlength="120" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Kept in" :for="`${idPrefix}-place`" :problem="sentenceAt('place')">
      <Select
        v-model="draft.place"
        :label-id="`${idPrefix}-place`"
        :options="[...placeNames]"
        option-label="label"
        option-value="value"
        aria-label="Kept in"
      />
    </FieldFrame>
    <FieldFrame label="Grade" :for="`${idPrefix}-grade`">
      <Select
        v-model="draft.grade"
        :label-id="`${idPrefix}-grade`"
        :options="[...gradeNames]"
        option-label="label"
        option-value="value"
        aria-label="Grade"
      />
    </FieldFrame>
    <FieldFrame
      label="Price of it all"
      :for="`${idPrefix}-price`"
      :problem="priceProblem ?? sentenceAt('priceMinor')"
    >
      <TextBox
        :id="`${idPrefix}-price`"
        v-model="draft.price"
        inputmode="decimal"
        placeholder="none"
        autocomplete="off"
      />
    </FieldFrame>
    <FieldFrame label="Came in on" :for="`${idPrefix}-since`" :problem="sentenceAt('since')">
      <TextBox :id="`${idPrefix}-since`" v-model="draft.since" type="date" />
    </FieldFrame>
    <FieldFrame label="Label's best before" :for="`${idPrefix}-best`" :problem="sentenceAt('bestBefore')">
      <TextBox :id="`${idPrefix}-best`" v-model="draft.bestBefore" type="date" />
    </FieldFrame>
  </div>
</template>

<style scoped>
.details {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.7rem;
}

.details :deep(.p-select),
.details :deep(.p-inputtext) {
  width: 100%;
}
</style>
