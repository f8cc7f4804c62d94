<script setup lang="ts">
import { provenance } from "@apron/core/catalogue";
import { dressingFor, dressingRates } from "@apron/core/dressing";
import { showEstimate, showGrams } from "@apron/core/measure";
import { computed, ref } from "vue";
import { useSession } from "../app/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WorkingsNote from "../ui/WorkingsNote.vue";

/** How much of it a salad takes, by its kind. */
const session = useSession();
const group = ref("tender-leaves");
const text = ref("240");
const groups = dressingRates.map((rate) => ({ value: rate.group, label: rate.group.replaceAll("-", " ") }));
const rate = computed(() => dressingRates.find((one) => one.group === group.value));
const saladG = computed(() => typedGrams(text.value));
const needed = computed(() =>
  rate.value && saladG.value ? dressingFor(saladG.value, rate.value) : undefined,
);
</script>

<template>
  <div class="salad">
    <FieldFrame label="Salad" for="salad-kind">
      <SelectBox id="salad-kind" v-model="group" :choices="groups" name="Kind of salad" />
    </FieldFrame>
    <FieldFrame label="weighs" for="salad-grams">
      <TextBox id="salad-grams" v-model="text" class="figure" autocomplete="off" />
    </FieldFrame>
    <div v-if="needed && rate && saladG" role="status">
      <p>
        <b class="figure">{{ showEstimate(needed, session.display) }}</b> of dressing for
        {{ showGrams(saladG, session.display) }} {{ rate.group.replaceAll("-", " ") }}.
      </p>
      <p class="soft small">{{ rate.when }} · {{ rate.examples }}</p>
      <WorkingsNote :text="`${rate.grams} g (${rate.low}–${rate.high}) for 100 g: ${provenance(rate)}`" />
    </div>
    <p v-else class="soft">Type a weight, like 240.</p>
  </div>
</template>

<style scoped>
.salad {
  display: grid;
  grid-template-columns: 13rem 7rem minmax(0, 1fr);
  gap: 0.8rem;
  align-items: start;
}

.salad :deep(.p-select),
.salad :deep(.p-inputtext) {
  width: 100%;
}

@media (max-width: 720px) {
  .salad {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
