<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed, ref, toRef } from "vue";
import { useSession } from "../../client/session.ts";
import { useWeightSource } from "../../client/use-weight-source.ts";
import ChoiceButtons from "../../ui/ChoiceButtons.vue";
import FieldFrame from "../../ui/FieldFrame.vue";
import SmallForm from "../../ui/SmallForm.vue";
import TextBox from "../../ui/TextBox.vue";
import WeightField from "../../ui/WeightField.vue";
import PiecesQuestion from "../../catalogue/PiecesQuestion.vue";
import { useLotAct, useSomeOf } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const weights = useWeightSource();
const ways = [
  { value: "less", label: "There is less" },
  { value: "more", label: "There is more" },
] as const;
const way = ref<(typeof ways)[number]["value"]>("less");
const { text, reason, settled, hint, bare, unread, refused, clear } = useSomeOf(
  toRef(props, "lot"),
  "correct",
);
const words = computed(() => (text.value.trim() === "" ? undefined : hint.value));
const { act, submission } = useLotAct(["deltaG", "reason"]);
async function record(): Promise<void> {
  const grams = await settled();
  if (grams === null) return submission.refuse("amount-empty", "deltaG");
  if (grams === undefined) return submission.refuse(unread().code, "deltaG", unread());
  const body = { deltaG: way.value === "less" ? -grams : grams, reason: reason.value };
  const done = await act(
    "correctLot",
    { params: { id: props.lot.id }, body },
    (reply) => `${props.lot.name} corrected: ${showGrams(reply.lot.grams, session.display)} in stock.`,
  );
  if (done) clear();
}
</script>

<template>
  <SmallForm
    label="Correct the amount"
    submit-label="Correct"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="record"
    @changed="submission.forget"
  >
    <ChoiceButtons v-model="way" label="More or less" :choices="ways" />
    <div class="pair">
      <WeightField
        id="correct-amount"
        v-model="text"
        :label="way === 'less' ? 'Less by' : 'More by'"
        :source="weights"
        :problem="submission.sentenceAt('deltaG') ?? (refused ? words : undefined)"
        :hint="words"
      />
      <FieldFrame label="Reason" for="correct-reason" :problem="submission.sentenceAt('reason')">
        <TextBox
          id="correct-reason"
          v-model="reason"
          placeholder="counted again"
          maxlength="200"
          autocomplete="off"
        />
      </FieldFrame>
    </div>
    <PiecesQuestion v-if="bare" :bare="bare" @answered="((text = $event), submission.forget())" />
  </SmallForm>
</template>
