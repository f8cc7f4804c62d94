<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useSubmit } from "../app/use-submit.ts";
import { useWeightSource } from "../app/use-weight-source.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";

/** A tray weighed before and after the oven: what the heat really took from this food. */
const weights = useWeightSource();
const before = ref("");
const after = ref("");
const extras = ref("");
const submission = useSubmit<ReplyOf<"weighTray">>(["beforeG", "afterG", "extrasG"]);
const weighed = ref<ReplyOf<"weighTray">>();
async function weigh(): Promise<void> {
  const body = {
    beforeG: typedGrams(before.value),
    afterG: typedGrams(after.value),
    extrasG: extras.value.trim() === "" ? 0 : typedGrams(extras.value),
  };
  const texts = { beforeG: before.value, afterG: after.value, extrasG: extras.value };
  for (const field of ["beforeG", "afterG", "extrasG"] as const)
    if (body[field] === undefined) {
      const text = texts[field];
      submission.refuse(text.trim() === "" ? "amount-empty" : "amount-not-understood", field, { text });
      return;
    }
  const { beforeG = 0, afterG = 0, extrasG = 0 } = body;
  weighed.value = await submission.submit(() => call("weighTray", { body: { beforeG, afterG, extrasG } }));
}
</script>

<template>
  <details>
    <summary>Weigh a tray before and after</summary>
    <form novalidate aria-label="Weigh a tray" @submit.prevent="weigh" @input="submission.forget">
      <WeightField
        id="tray-before"
        v-model="before"
        label="Food going in"
        :source="weights"
        :problem="submission.sentenceAt('beforeG')"
      />
      <WeightField
        id="tray-extras"
        v-model="extras"
        label="Oil and salt on it"
        placeholder="none"
        :source="weights"
        :problem="submission.sentenceAt('extrasG')"
      />
      <WeightField
        id="tray-after"
        v-model="after"
        label="All that came off"
        :source="weights"
        :problem="submission.sentenceAt('afterG')"
      />
      <Button type="submit" label="Work it out" severity="secondary" :loading="submission.pending.value" />
    </form>
    <p v-if="submission.sentence.value" class="wrong" role="alert">{{ submission.sentence.value }}</p>
    <p v-if="weighed" role="status">
      The food itself came to <b class="figure">{{ showYield(weighed.factor) }}</b> of its weight: each gram
      is <b class="figure">{{ showYield(weighed.concentration) }}</b> times as salty and sour.
    </p>
  </details>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr)) auto;
  gap: 0.6rem;
  align-items: end;
  margin: 0.5rem 0;
}

summary {
  width: fit-content;
  font-weight: 600;
  color: var(--action);
  cursor: pointer;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 720px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
