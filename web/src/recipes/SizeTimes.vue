<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import { diceForTheSlowest, pieceMm, timeForSize } from "@apron/core/trim";
import { computed, ref } from "vue";
import { useCatalogue } from "../client/queries.ts";
import { sentenceFor } from "../client/words.ts";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";

/** Bigger pieces take longer: the handbook's time for another size, and sizes that take the same time. */
const props = defineProps<{ recipe: Recipe }>();
const { data: catalogue } = useCatalogue();
const wanted = ref<number | null>(null);

const roasts = computed(() =>
  props.recipe.formula.lines.flatMap((line) => {
    const id = line.fillers[0]?.ingredient ?? "";
    const facts = catalogue.value?.ingredients.find((one) => one.id === id);
    const change = facts?.changes.find((one) => one.method === line.cook && one.method.startsWith("roast"));
    const mm = change && pieceMm(change.piece);
    return change && mm && change.minutesLow !== null && change.minutesHigh !== null
      ? [
          {
            id,
            name: props.recipe.names[id] ?? id,
            mm,
            low: change.minutesLow,
            high: change.minutesHigh,
            doneWhen: change.doneWhen,
          },
        ]
      : [];
  }),
);
const timed = computed(() =>
  roasts.value.map((one) => ({
    ...one,
    time: timeForSize(wanted.value ?? one.mm, { referenceMm: one.mm, low: one.low, high: one.high }, "oven"),
  })),
);
/** With more than one on the tray: cut so that all are done when the slowest is. */
const together = computed(() =>
  diceForTheSlowest(roasts.value.map((one) => ({ id: one.name, minutes: one.high, mm: one.mm }))),
);
</script>

<template>
  <FoldOut v-if="roasts.length > 0" title="Cooking time for another size" data-testid="size-times">
    <div class="sizes">
      <NumberBox id="size-mm" v-model="wanted" label="Piece size, mm" />
      <ul>
        <li v-for="one in timed" :key="one.id" class="small">
          <template v-if="one.time.ok">
            <b class="name">{{ one.name }}</b>: check after {{ Math.round(one.time.value.lookMin) }} min, done
            by {{ Math.round(one.time.value.doneMin) }} min. Done when: {{ one.doneWhen }}.
            <span class="soft">(estimated from {{ one.low }}–{{ one.high }} min at {{ one.mm }} mm)</span>
          </template>
          <template v-else>{{ sentenceFor(one.time.issue) }}</template>
        </li>
        <li v-if="together.length > 0" class="small">
          For the same time, cut:
          <template v-for="(one, i) in together" :key="one.id"
            ><template v-if="i > 0">, </template>{{ one.id }} {{ Math.round(one.mm) }} mm</template
          >.
        </li>
      </ul>
    </div>
  </FoldOut>
</template>

<style scoped>
.sizes {
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr);
  gap: 1rem;
  align-items: start;
  padding-top: 0.5rem;
}
</style>
