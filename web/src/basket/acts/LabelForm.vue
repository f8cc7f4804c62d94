<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { useDraft } from "../../client/use-draft.ts";
import DateField from "../../ui/DateField.vue";
import { showDay } from "../../ui/dates.ts";
import SmallForm from "../../ui/SmallForm.vue";
import LabelFields from "../LabelFields.vue";
import { labelDraftOf, labelOf, unreadInLabel } from "../lot-draft.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const { draft, clear } = useDraft(`label:${props.lot.id}`, () => ({
  label: labelDraftOf(props.lot.label),
  bestBefore: "",
}));
const { act, submission } = useLotAct(["label", "bestBefore"]);
async function record(): Promise<void> {
  const unread = unreadInLabel(draft.value.label);
  if (unread) return submission.refuse("wrong-type", unread);
  const label = labelOf(draft.value.label) ?? { saltG: null, sugarsG: null, acidG: null, allergens: [] };
  const body = { label, bestBefore: draft.value.bestBefore || null };
  const done = await act(
    "labelLot",
    { params: { id: props.lot.id }, body },
    (lot) => `Label saved. Best used by ${showDay(lot.freshness.spoilsOn)}.`,
  );
  if (done) clear();
}
</script>

<template>
  <SmallForm
    label="The pack's label"
    submit-label="Save label"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="record"
    @changed="submission.forget"
  >
    <LabelFields v-model="draft.label" id-prefix="pack" :sentence-at="submission.sentenceAt" />
    <DateField
      id="pack-best"
      v-model="draft.bestBefore"
      class="narrow"
      label="Best before"
      :problem="submission.sentenceAt('bestBefore')"
      clearable
    />
  </SmallForm>
</template>
