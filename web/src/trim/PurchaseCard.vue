<script setup lang="ts">
import { measureInWords } from "@apron/core/catalogue";
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { refDebounced } from "@vueuse/core";
import { computed, ref } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { counted } from "../ui/plural.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WorkingsNote from "../ui/WorkingsNote.vue";

/** Both ways: how much to pick or buy for a usable amount, and what a raw amount will leave. */
const props = defineProps<{ ingredient: string; name: string; method: string; grade: "prime" | "seconds" }>();
const session = useSession();
const ways = [
  { value: "usable", label: "I need usable" },
  { value: "raw", label: "I have raw" },
] as const;
const way = ref<(typeof ways)[number]["value"]>("usable");
const text = ref("250");
const settled = refDebounced(text, 250);
const grams = computed(() => typedGrams(settled.value));
const { data: plan } = useQuery({
  key: () => ["purchase", props.ingredient, props.method, props.grade, way.value, grams.value ?? 0],
  query: () => {
    const about = { ingredient: props.ingredient, method: props.method, grade: props.grade };
    const amount = way.value === "usable" ? { usableG: grams.value } : { rawG: grams.value };
    return call("planPurchase", { query: { ...about, ...amount } });
  },
  enabled: () => grams.value !== undefined,
  placeholderData: (before) => before,
});
const pieces = (count: number, measure: string): string => {
  const word = measureInWords(measure);
  return counted(count, word, word === "bunch" ? "bunches" : undefined);
};
</script>

<template>
  <div class="plan">
    <ChoiceButtons v-model="way" label="Which way to plan" data-testid="plan-way" :choices="ways" />
    <FieldFrame :label="way === 'usable' ? 'Usable amount' : 'Raw amount'" for="wanted">
      <TextBox id="wanted" v-model="text" class="figure" autocomplete="off" />
    </FieldFrame>
    <div v-if="grams !== undefined && plan" class="answer" role="status">
      <template v-if="way === 'usable'">
        <p>
          Pick or buy <b class="figure">{{ showEstimate(plan.raw, session.display) }}</b> of {{ name }}.
          <b class="figure">{{ showGrams(plan.safeG, session.display) }}</b> is safe: enough even with a lot
          of waste.
        </p>
        <p v-if="plan.whole">
          That is <b class="figure">{{ pieces(plan.whole.likely, plan.whole.measure) }}</b>, or
          <b class="figure">{{ pieces(plan.whole.safe, plan.whole.measure) }}</b> to be safe, at
          {{ showEstimate(plan.whole.eachG, session.display) }} each.
        </p>
      </template>
      <p v-else>
        <b class="figure">{{ showGrams(grams, session.display) }}</b> raw leaves
        <b class="figure">{{ showEstimate(plan.usable, session.display) }}</b> usable.
      </p>
      <WorkingsNote :text="plan.workings" />
    </div>
    <p v-else class="soft">Enter a weight, like 250.</p>
  </div>
</template>

<style scoped>
.plan {
  display: grid;
  grid-template-columns: auto 9rem minmax(0, 1fr);
  gap: 0.4rem 1rem;
  align-items: end;
}

.plan :deep(.p-inputtext) {
  width: 100%;
}

.answer {
  display: grid;
  gap: 0.3rem;
  align-self: center;
}

@media (max-width: 900px) {
  .plan {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
