<script setup lang="ts">
import { formAfter, formWords } from "@apron/core/forms";
import { computed } from "vue";
import { useIngredientDetail } from "../catalogue/use-amount-reading.ts";
import TextBox from "../ui/TextBox.vue";
import DateField from "../ui/DateField.vue";
import { todayIso } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import SelectField from "../ui/SelectField.vue";
import LabelFields from "./LabelFields.vue";
import { useBeds } from "./use-beds.ts";
import { gradeNames, placeNames, pricePerNames, sourceNames, type LotDraft } from "./lot-draft.ts";

defineProps<{
  idPrefix: string;
  sentenceAt: (field: string) => string | undefined;
  priceProblem: string | undefined;
}>();
const draft = defineModel<LotDraft>({ required: true });
const { data: known } = useBeds();
const beds = computed(() => [
  { value: null, label: "no bed" },
  ...(known.value?.beds ?? [])
    .filter((bed) => bed.state !== "finished")
    .map((bed) => ({ value: bed.id, label: `${bed.name} · ${bed.crop}` })),
]);
const { data: detail } = useIngredientDetail(() => draft.value.ingredient);
/** As it comes, or trimmed or cooked already in a way that the tables know. */
const forms = computed(() => {
  const known = detail.value?.id === draft.value.ingredient ? detail.value : undefined;
  const methods = [...(known?.trims ?? []), ...(known?.changes ?? [])].map((one) => one.method);
  return [
    { value: null, label: "as it comes" },
    ...[...new Set(methods)].map((value) => ({ value, label: formWords(formAfter(value), value) })),
  ];
});
</script>

<template>
  <div class="details">
    <SelectField
      :id="`${idPrefix}-source`"
      v-model="draft.sourceKind"
      label="Source"
      :choices="sourceNames"
      :problem="sentenceAt('source')"
    />
    <SelectField
      v-if="draft.sourceKind === 'own-bed' && beds.length > 1"
      :id="`${idPrefix}-bed`"
      v-model="draft.bedId"
      label="Bed"
      :choices="beds"
      placeholder="no bed"
      :problem="sentenceAt('bedId')"
    />
    <FieldFrame
      v-else
      :label="draft.sourceKind === 'own-bed' ? 'Bed' : 'Stall, box or person'"
      :for="`${idPrefix}-note`"
    >
      <TextBox :id="`${idPrefix}-note`" v-model="draft.sourceNote" maxlength="120" autocomplete="off" />
    </FieldFrame>
    <SelectField
      v-if="forms.length > 1"
      :id="`${idPrefix}-form`"
      v-model="draft.method"
      label="Form"
      :choices="forms"
      :problem="sentenceAt('method')"
    />
    <SelectField
      :id="`${idPrefix}-place`"
      v-model="draft.place"
      label="Stored in"
      :choices="placeNames"
      :problem="sentenceAt('place')"
    />
    <SelectField :id="`${idPrefix}-grade`" v-model="draft.grade" label="Grade" :choices="gradeNames" />
    <FieldFrame
      class="wide"
      label="Price"
      :for="`${idPrefix}-price`"
      :problem="priceProblem ?? sentenceAt('price')"
    >
      <div class="price">
        <TextBox
          :id="`${idPrefix}-price`"
          v-model="draft.price"
          inputmode="decimal"
          placeholder="none"
          autocomplete="off"
        />
        <SelectBox
          :id="`${idPrefix}-per`"
          v-model="draft.pricePer"
          :choices="pricePerNames"
          name="Price per"
        />
      </div>
    </FieldFrame>
    <DateField
      :id="`${idPrefix}-since`"
      v-model="draft.since"
      label="Date received"
      :problem="sentenceAt('since')"
      :latest="todayIso()"
    />
    <DateField
      :id="`${idPrefix}-best`"
      v-model="draft.bestBefore"
      label="Best before"
      :problem="sentenceAt('bestBefore')"
      clearable
    />
    <LabelFields
      v-if="draft.sourceKind === 'shop'"
      v-model="draft.label"
      class="wide"
      :id-prefix="`${idPrefix}-label`"
      :sentence-at="sentenceAt"
    />
  </div>
</template>

<style scoped>
.details {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.7rem;
}

.price {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.3rem;
}

.wide {
  grid-column: 1 / -1;
}

.details :deep(.p-select),
.details :deep(.p-inputtext) {
  width: 100%;
}
</style>
