<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { pouredOut } from "@apron/core/basket";
import { showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { useSession } from "../../client/session.ts";
import { useDraft } from "../../client/use-draft.ts";
import { useWeightSource } from "../../client/use-weight-source.ts";
import SmallForm from "../../ui/SmallForm.vue";
import { typedGrams } from "../../ui/typed-grams.ts";
import WeightField from "../../ui/WeightField.vue";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const weights = useWeightSource();
const { draft } = useDraft(`pour:${props.lot.id}`, () => ({ before: "", after: "" }));
const { act, submission } = useLotAct(["beforeG", "afterG", "grams"]);
const poured = computed(() => {
  const [before, after] = [typedGrams(draft.value.before), typedGrams(draft.value.after)];
  const out = before === undefined || after === undefined ? undefined : pouredOut(before, after);
  return out?.ok ? showGrams(out.value, session.display) : undefined;
});
async function record(): Promise<void> {
  const { before, after } = draft.value;
  const [beforeG, afterG] = [typedGrams(before), typedGrams(after)];
  if (beforeG === undefined || afterG === undefined) {
    const [field, text] = beforeG === undefined ? ["beforeG", before] : ["afterG", after];
    return submission.refuse(text.trim() === "" ? "amount-empty" : "amount-not-understood", field, { text });
  }
  const done = await act(
    "weighBack",
    { params: { id: props.lot.id }, body: { beforeG, afterG } },
    (reply) => `${showGrams(-reply.changedG, session.display)} ${props.lot.name} used.`,
  );
  if (done) draft.value = { before: after, after: "" };
}
</script>

<template>
  <SmallForm
    label="Weigh back"
    submit-label="Record the amount used"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="record"
    @changed="submission.forget"
  >
    <p class="soft">Weigh the bottle, jar or bowl before and after. The difference is what was used.</p>
    <div class="pair">
      <WeightField
        id="pour-before"
        v-model="draft.before"
        label="Before"
        placeholder="full"
        :source="weights"
        :problem="submission.sentenceAt('beforeG')"
      />
      <WeightField
        id="pour-after"
        v-model="draft.after"
        label="After"
        placeholder="after pouring"
        :source="weights"
        :problem="submission.sentenceAt('afterG') ?? submission.sentenceAt('grams')"
        :hint="poured ? `${poured} used` : undefined"
      />
    </div>
  </SmallForm>
</template>
