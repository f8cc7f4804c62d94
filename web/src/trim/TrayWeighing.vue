<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { ApiProblem, call } from "../client/api.ts";
import { useDraft } from "../client/use-draft.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import FoldOut from "../ui/FoldOut.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { sentenceFor, sentenceOf } from "../client/words.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";

/** A tray weighed before and after the oven: what the heat really took from this food. */
const weights = useWeightSource();
const { draft } = useDraft("tray", () => ({ beforeG: "", extrasG: "", afterG: "" }));
const problem = ref<{ field: string; text: string }>();
const weighed = ref<ReplyOf<"weighTray">>();
const problemAt = (field: string): string | undefined =>
  problem.value?.field === field ? problem.value.text : undefined;

async function weigh(): Promise<void> {
  problem.value = undefined;
  const { beforeG, extrasG, afterG } = draft.value;
  const read = {
    beforeG: typedGrams(beforeG),
    extrasG: extrasG.trim() === "" ? 0 : typedGrams(extrasG),
    afterG: typedGrams(afterG),
  };
  const unread = (["beforeG", "extrasG", "afterG"] as const).find((field) => read[field] === undefined);
  if (unread) {
    const text = draft.value[unread];
    const code = text.trim() === "" ? "amount-empty" : "amount-not-understood";
    problem.value = { field: unread, text: sentenceFor({ code, text }) };
    return;
  }
  try {
    weighed.value = await call("weighTray", { body: read as Record<keyof typeof read, number> });
  } catch (error) {
    const field = error instanceof ApiProblem ? (error.field ?? "") : "";
    problem.value = { field, text: sentenceOf(error) };
  }
}
</script>

<template>
  <FoldOut title="Weigh a tray before and after" data-testid="weigh-tray">
    <form novalidate aria-label="Weigh a tray" @submit.prevent="weigh" @input="problem = undefined">
      <WeightField
        id="tray-before"
        v-model="draft.beforeG"
        label="Food before"
        :source="weights"
        :problem="problemAt('beforeG')"
      />
      <WeightField
        id="tray-extras"
        v-model="draft.extrasG"
        label="Oil and salt on it"
        placeholder="none"
        :source="weights"
        :problem="problemAt('extrasG')"
      />
      <WeightField
        id="tray-after"
        v-model="draft.afterG"
        label="Everything after"
        :source="weights"
        :problem="problemAt('afterG')"
      />
      <Button type="submit" label="Calculate" data-testid="tray-result" severity="secondary" />
    </form>
    <ProblemNote :text="problemAt('')" />
    <p v-if="weighed" role="status">
      The food itself came to <b class="figure">{{ showYield(weighed.factor) }}</b> of its weight: each gram
      is <b class="figure">{{ showYield(weighed.concentration) }}</b> times as salty and sour.
    </p>
  </FoldOut>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) auto;
  gap: 0.6rem;
  align-items: end;
  margin: 0.5rem 0;
}

@media (max-width: 720px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
