<script setup lang="ts">
import type { LotDetail, ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../../app/api.ts";
import { useSession } from "../../app/session.ts";
import { useWeightSource } from "../../app/use-weight-source.ts";
import ChoiceButtons from "../../ui/ChoiceButtons.vue";
import FieldFrame from "../../ui/FieldFrame.vue";
import TextBox from "../../ui/TextBox.vue";
import WeightField from "../../ui/WeightField.vue";
import { useAmountReading } from "../use-amount-reading.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const weights = useWeightSource();
const ways = [
  { value: "less", label: "There is less" },
  { value: "more", label: "There is more" },
] as const;
const way = ref<(typeof ways)[number]["value"]>("less");
const text = ref("");
const reason = ref("");
const reading = useAmountReading(() => props.lot.ingredient, text);
const words = computed(() => reading.value.words || undefined);
const { act, submission } = useLotAct<ReplyOf<"correctLot">>(["deltaG", "reason"]);
async function record(): Promise<void> {
  const grams = reading.value.weight?.grams.value;
  if (grams === undefined) {
    const code = text.value.trim() === "" ? "amount-empty" : "amount-not-understood";
    submission.refuse(code, "deltaG", { text: text.value });
    return;
  }
  const body = { deltaG: way.value === "less" ? -grams : grams, reason: reason.value };
  const done = await act(
    (key) => call("correctLot", { params: { id: props.lot.id }, body }, key),
    (reply) => `${props.lot.name} corrected: ${showGrams(reply.lot.grams, session.display)} on hand.`,
  );
  if (!done) return;
  text.value = "";
  reason.value = "";
}
</script>

<template>
  <form novalidate aria-label="Correct it" @submit.prevent="record" @input="submission.forget">
    <ChoiceButtons v-model="way" label="Which way" :choices="ways" />
    <div class="pair">
      <WeightField
        id="correct-amount"
        v-model="text"
        :label="way === 'less' ? 'Less by' : 'More by'"
        :source="weights"
        :problem="submission.sentenceAt('deltaG') ?? (reading.refused ? words : undefined)"
        :hint="words"
      />
      <FieldFrame label="Why" for="correct-reason" :problem="submission.sentenceAt('reason')">
        <TextBox
          id="correct-reason"
          v-model="reason"
          placeholder="counted again"
          maxlength="200"
          autocomplete="off"
        />
      </FieldFrame>
    </div>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Correct it" :loading="submission.pending.value" />
  </form>
</template>
