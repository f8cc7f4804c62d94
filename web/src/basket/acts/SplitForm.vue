<script setup lang="ts">
import type { Lot, LotDetail, ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, reactive, ref } from "vue";
import { call } from "../../app/api.ts";
import { useSession } from "../../app/session.ts";
import { useWeightSource } from "../../app/use-weight-source.ts";
import { conditionNames, type Condition } from "../lot-draft.ts";
import { typedGrams } from "../../ui/typed-grams.ts";
import WeightField from "../../ui/WeightField.vue";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
const emit = defineEmits<{ parted: [lots: readonly Lot[]] }>();
const session = useSession();
const weights = useWeightSource();
const texts = reactive<Partial<Record<Condition, string>>>({});
const shown = ref<readonly Condition[]>(["small", "large"]);
const more = computed(() => conditionNames.filter((one) => !shown.value.includes(one.value)));
const { act, submission } = useLotAct<ReplyOf<"splitLot">>(["parts"]);

const typed = computed(() =>
  shown.value.flatMap((condition) => {
    const text = texts[condition]?.trim() ?? "";
    return text === "" ? [] : [{ condition, text, grams: typedGrams(text) }];
  }),
);
async function record(): Promise<void> {
  const unread = typed.value.find((part) => part.grams === undefined);
  if (unread) {
    submission.refuse("amount-not-understood", "parts", { text: unread.text });
    return;
  }
  const parts = typed.value.flatMap(({ condition, grams }) =>
    grams === undefined ? [] : [{ condition, grams }],
  );
  const reply = await act(
    (key) => call("splitLot", { params: { id: props.lot.id }, body: { parts } }, key),
    (done) =>
      `${props.lot.name}: ${done.parts.map((p) => `${showGrams(p.grams, session.display)} ${p.condition ?? ""}`).join(", ")} split off.`,
  );
  if (!reply) return;
  for (const part of parts) texts[part.condition] = "";
  emit("parted", reply.parts);
}
</script>

<template>
  <form novalidate aria-label="Split it" @submit.prevent="record" @input="submission.forget">
    <p class="soft">
      Weigh each part; what you do not name stays. Each part is offered the way of trimming that suits it.
    </p>
    <div class="pair">
      <WeightField
        v-for="condition in shown"
        :id="`split-${condition}`"
        :key="condition"
        :model-value="texts[condition] ?? ''"
        :label="conditionNames.find((one) => one.value === condition)?.label ?? condition"
        placeholder="none"
        :source="weights"
        @update:model-value="texts[condition] = $event"
      />
    </div>
    <p class="more">
      <button
        v-for="one in more"
        :key="one.value"
        type="button"
        class="chip"
        @click="shown = [...shown, one.value]"
      >
        + {{ one.label.toLowerCase() }}
      </button>
    </p>
    <p v-if="submission.sentenceAt('parts') ?? submission.sentence.value" role="alert" class="wrong">
      {{ submission.sentenceAt("parts") ?? submission.sentence.value }}
    </p>
    <Button
      type="submit"
      label="Split it"
      :disabled="typed.length === 0"
      :loading="submission.pending.value"
    />
  </form>
</template>
