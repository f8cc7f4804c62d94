<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed, ref } from "vue";
import { useSession } from "../../client/session.ts";
import { useDraft } from "../../client/use-draft.ts";
import { useWeightSource } from "../../client/use-weight-source.ts";
import QuickPicks from "../../ui/QuickPicks.vue";
import SmallForm from "../../ui/SmallForm.vue";
import { typedGrams } from "../../ui/typed-grams.ts";
import WeightField from "../../ui/WeightField.vue";
import { conditionNames, type Condition } from "../lot-draft.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const emit = defineEmits<{ parted: [lots: readonly Lot[]] }>();
const session = useSession();
const weights = useWeightSource();
const { draft: texts, clear } = useDraft<Partial<Record<Condition, string>>>(
  `split:${props.lot.id}`,
  () => ({}),
);
const added = ref<readonly string[]>([]);
const shown = computed(() =>
  conditionNames.filter(
    ({ value }) =>
      ["small", "large", ...added.value].includes(value) || (texts.value[value] ?? "").trim() !== "",
  ),
);
const more = computed(() => conditionNames.filter((one) => !shown.value.includes(one)));
const { act, submission } = useLotAct(["parts"]);

const typed = computed(() =>
  shown.value.flatMap(({ value: condition }) => {
    const text = texts.value[condition]?.trim() ?? "";
    return text === "" ? [] : [{ condition, text, grams: typedGrams(text) }];
  }),
);
async function record(): Promise<void> {
  const unread = typed.value.find((part) => part.grams === undefined);
  if (unread) return submission.refuse("amount-not-understood", "parts", { text: unread.text });
  const parts = typed.value.map(({ condition, grams = 0 }) => ({ condition, grams }));
  const reply = await act(
    "splitLot",
    { params: { id: props.lot.id }, body: { parts } },
    (done) =>
      `${props.lot.name} split: ${done.parts.map((p) => `${showGrams(p.grams, session.display)} ${p.condition ?? ""}`).join(", ")}.`,
  );
  if (!reply) return;
  clear();
  emit("parted", reply.parts);
}
</script>

<template>
  <SmallForm
    label="Split"
    submit-label="Split"
    :disabled="typed.length === 0"
    :problem="submission.sentenceAt('parts') ?? submission.sentence.value"
    :pending="submission.pending.value"
    @send="record"
    @changed="submission.forget"
  >
    <p class="soft">
      Weigh each part; the rest stays in this lot. Each part is then offered the trim method that suits it.
    </p>
    <div class="pair">
      <WeightField
        v-for="one in shown"
        :id="`split-${one.value}`"
        :key="one.value"
        :model-value="texts[one.value] ?? ''"
        :label="one.label"
        placeholder="none"
        :source="weights"
        @update:model-value="texts[one.value] = $event"
      />
    </div>
    <QuickPicks
      label="Add a part"
      :choices="more.map((one) => ({ value: one.value, label: `+ ${one.label}` }))"
      @picked="added = [...added, $event]"
    />
  </SmallForm>
</template>
