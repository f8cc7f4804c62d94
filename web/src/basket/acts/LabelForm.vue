<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import Button from "primevue/button";
import { ref } from "vue";
import { call } from "../../app/api.ts";
import { showDay } from "../../ui/dates.ts";
import FieldFrame from "../../ui/FieldFrame.vue";
import TextBox from "../../ui/TextBox.vue";
import LabelFields from "../LabelFields.vue";
import { labelDraftOf, labelOf, unreadInLabel } from "../lot-draft.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const draft = ref(labelDraftOf(props.lot.label));
const bestBefore = ref("");
const { act, submission } = useLotAct<Lot>(["label", "bestBefore"]);
async function record(): Promise<void> {
  const unread = unreadInLabel(draft.value);
  if (unread) {
    submission.refuse("wrong-type", unread);
    return;
  }
  const label = labelOf(draft.value) ?? { saltG: null, sugarsG: null, acidG: null, allergens: [] };
  const body = { label, bestBefore: bestBefore.value || null };
  await act(
    (key) => call("labelLot", { params: { id: props.lot.id }, body }, key),
    (lot) => `The label is noted; best used by ${showDay(lot.freshness.spoilsOn)}.`,
  );
}
</script>

<template>
  <form novalidate aria-label="The pack's label" @submit.prevent="record" @input="submission.forget">
    <LabelFields v-model="draft" id-prefix="pack" :sentence-at="submission.sentenceAt" />
    <FieldFrame
      class="narrow"
      label="Best before"
      for="pack-best"
      :problem="submission.sentenceAt('bestBefore')"
    >
      <TextBox id="pack-best" v-model="bestBefore" type="date" />
    </FieldFrame>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Note the label" :loading="submission.pending.value" />
  </form>
</template>
