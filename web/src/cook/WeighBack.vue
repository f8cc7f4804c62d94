<script setup lang="ts">
import { pouredOut } from "@apron/core/basket";
import { toMilligram } from "@apron/core/measure";
import { computed, ref, watch } from "vue";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceFor } from "../client/words.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";

/** The bottle, jar or bowl before and after: what is missing went into the dish. */
const props = defineProps<{ id: string; name: string }>();
const emit = defineEmits<{ poured: [grams: number] }>();
const weights = useWeightSource();
const before = ref("");
const after = ref("");
const poured = computed(() => {
  const [b, a] = [typedGrams(before.value), typedGrams(after.value)];
  return b === undefined || a === undefined ? undefined : pouredOut(b, a);
});
watch(poured, (now) => {
  if (now?.ok) emit("poured", toMilligram(now.value));
});
const problem = computed(() => (poured.value?.ok === false ? sentenceFor(poured.value.issue) : undefined));
</script>

<template>
  <div class="pour" role="group" :aria-label="`Weigh back the ${props.name}`" data-testid="weigh-back-form">
    <WeightField :id="`${id}-before`" v-model="before" label="Before" placeholder="full" :source="weights" />
    <WeightField
      :id="`${id}-after`"
      v-model="after"
      label="After"
      placeholder="once poured"
      :source="weights"
      :problem="problem"
    />
  </div>
</template>

<style scoped>
.pour {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 12rem));
  gap: 0.6rem;
  padding: 0.2rem 0 0.5rem;
}
</style>
