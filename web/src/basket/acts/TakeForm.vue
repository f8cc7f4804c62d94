<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
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
const { text, reason, settled, hint, bare, unread, refused, clear } = useSomeOf(toRef(props, "lot"), "take");
const fates = [
  { value: "used", label: "Used", past: "used" },
  { value: "given", label: "Given away", past: "given away" },
  { value: "composted", label: "Composted", past: "composted" },
  { value: "spoiled", label: "Thrown away", past: "recorded as spoiled" },
] as const;
const fate = ref<(typeof fates)[number]["value"]>("used");
const past = computed(() => fates.find((one) => one.value === fate.value)?.past ?? "");
const { act, submission } = useLotAct(["grams", "reason"]);

/** A plan keeps some of it for a dish: asked whether it is taken all the same. */
const isReserved = computed(() => submission.problem.value?.code === "lot-reserved");

async function record(takeReserved = false): Promise<void> {
  const grams = await settled();
  if (grams === undefined) return submission.refuse(unread().code, "grams", unread());
  const body = { grams, fate: fate.value, reason: reason.value, takeReserved };
  const taken = await act(
    "removeFromLot",
    { params: { id: props.lot.id }, body },
    (reply) => `${showGrams(-reply.changedG, session.display)} ${props.lot.name} ${past.value}.`,
  );
  if (taken) clear();
}
</script>

<template>
  <SmallForm
    label="Take some"
    submit-label="Record"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="record()"
    @changed="submission.forget"
  >
    <ChoiceButtons v-model="fate" label="What happened" :choices="fates" />
    <div class="pair">
      <WeightField
        id="take-amount"
        v-model="text"
        label="Amount"
        placeholder="all of it"
        :source="weights"
        :problem="submission.sentenceAt('grams') ?? (refused ? hint : undefined)"
        :hint="hint"
      />
      <FieldFrame
        :label="fate === 'given' ? 'Given to' : 'Note (optional)'"
        for="take-reason"
        :problem="submission.sentenceAt('reason')"
      >
        <TextBox id="take-reason" v-model="reason" maxlength="200" autocomplete="off" />
      </FieldFrame>
    </div>
    <template v-if="isReserved" #buttons>
      <Button label="Take it anyway" severity="secondary" data-testid="take-reserved" @click="record(true)" />
    </template>
    <PiecesQuestion v-if="bare" :bare="bare" @answered="((text = $event), submission.forget())" />
  </SmallForm>
</template>
