<script setup lang="ts">
import type { LotDetail, ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref, toRef } from "vue";
import { call } from "../../app/api.ts";
import { useSession } from "../../app/session.ts";
import { useWeightSource } from "../../app/use-weight-source.ts";
import ChoiceButtons from "../../ui/ChoiceButtons.vue";
import FieldFrame from "../../ui/FieldFrame.vue";
import TextBox from "../../ui/TextBox.vue";
import WeightField from "../../ui/WeightField.vue";
import { useLotAct, useSomeOf } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const weights = useWeightSource();
const { text, grams, hint, refused } = useSomeOf(toRef(props, "lot"));
const fates = [
  { value: "used", label: "Used", done: "used" },
  { value: "given", label: "Given away", done: "given away" },
  { value: "composted", label: "Composted", done: "composted" },
  { value: "spoiled", label: "Thrown out", done: "recorded as spoiled" },
] as const;
const fate = ref<(typeof fates)[number]["value"]>("used");
const done = computed(() => fates.find((one) => one.value === fate.value)?.done ?? "");
const reason = ref("");
const { act, submission } = useLotAct<ReplyOf<"removeFromLot">>(["grams", "reason"]);

const take = (key: string) => {
  const body = { grams: grams.value ?? null, fate: fate.value, reason: reason.value };
  return call("removeFromLot", { params: { id: props.lot.id }, body }, key);
};
async function record(): Promise<void> {
  if (grams.value === undefined) {
    submission.refuse("amount-not-understood", "grams", { text: text.value });
    return;
  }
  const taken = await act(
    take,
    (reply) => `${showGrams(-reply.changedG, session.display)} ${props.lot.name} ${done.value}.`,
  );
  if (!taken) return;
  text.value = "";
  reason.value = "";
}
</script>

<template>
  <form novalidate aria-label="Take some" @submit.prevent="record" @input="submission.forget">
    <ChoiceButtons v-model="fate" label="What became of it" :choices="fates" />
    <div class="pair">
      <WeightField
        id="take-amount"
        v-model="text"
        label="How much"
        placeholder="all of it"
        :source="weights"
        :problem="submission.sentenceAt('grams') ?? (refused ? hint : undefined)"
        :hint="hint"
      />
      <FieldFrame
        :label="fate === 'given' ? 'To whom' : 'For what, if you like'"
        for="take-reason"
        :problem="submission.sentenceAt('reason')"
      >
        <TextBox id="take-reason" v-model="reason" maxlength="200" autocomplete="off" />
      </FieldFrame>
    </div>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Record it" :loading="submission.pending.value" />
  </form>
</template>
