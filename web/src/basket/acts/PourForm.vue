<script setup lang="ts">
import type { LotDetail, ReplyOf } from "@apron/contract";
import { pouredOut } from "@apron/core/basket";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../../app/api.ts";
import { useSession } from "../../app/session.ts";
import { useWeightSource } from "../../app/use-weight-source.ts";
import { typedGrams } from "../../ui/typed-grams.ts";
import WeightField from "../../ui/WeightField.vue";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const weights = useWeightSource();
const before = ref("");
const after = ref("");
const { act, submission } = useLotAct<ReplyOf<"weighBack">>(["beforeG", "afterG", "grams"]);
const poured = computed(() => {
  const [b, a] = [typedGrams(before.value), typedGrams(after.value)];
  const out = b === undefined || a === undefined ? undefined : pouredOut(b, a);
  return out?.ok ? showGrams(out.value, session.display) : undefined;
});
async function record(): Promise<void> {
  const beforeG = typedGrams(before.value);
  const afterG = typedGrams(after.value);
  if (beforeG === undefined || afterG === undefined) {
    const [field, text] = beforeG === undefined ? ["beforeG", before.value] : ["afterG", after.value];
    submission.refuse(text.trim() === "" ? "amount-empty" : "amount-not-understood", field, { text });
    return;
  }
  const done = await act(
    (key) => call("weighBack", { params: { id: props.lot.id }, body: { beforeG, afterG } }, key),
    (reply) => `${showGrams(-reply.changedG, session.display)} ${props.lot.name} used.`,
  );
  if (!done) return;
  before.value = after.value;
  after.value = "";
}
</script>

<template>
  <form novalidate aria-label="Weigh back" @submit.prevent="record" @input="submission.forget">
    <p class="soft">The bottle, jar or bowl with what is in it, before and after: the difference was used.</p>
    <div class="pair">
      <WeightField
        id="pour-before"
        v-model="before"
        label="Before"
        placeholder="full"
        :source="weights"
        :problem="submission.sentenceAt('beforeG')"
      />
      <WeightField
        id="pour-after"
        v-model="after"
        label="After"
        placeholder="once poured"
        :source="weights"
        :problem="submission.sentenceAt('afterG') ?? submission.sentenceAt('grams')"
        :hint="poured ? `${poured} poured` : undefined"
      />
    </div>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Record what was poured" :loading="submission.pending.value" />
  </form>
</template>
