<script setup lang="ts">
import type { IngredientFacts } from "@apron/core/catalogue";
import type { DressingStyle, OwnTargets } from "@apron/core/dressing";
import { computed } from "vue";
import { useDraft } from "../client/use-draft.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceFor } from "../client/words.ts";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";
import WeightField from "../ui/WeightField.vue";
import { correctionOf, correctionSentence, correctorsOf, emptyBowl, plannedText } from "./bowl-correction.ts";
import DressingFiguresList from "./DressingFiguresList.vue";
import IngredientChips from "./IngredientChips.vue";
import type { DressingLine } from "./use-dressing.ts";

/** A bowl that is mixed already: what is really in it, what may be added, and the least that corrects it. */
const props = defineProps<{
  dressingStyle: DressingStyle;
  targets: OwnTargets;
  lines: readonly DressingLine[];
  known: ReadonlyMap<string, IngredientFacts>;
  nameFor: (id: string) => string;
}>();
const weights = useWeightSource();
const { draft } = useDraft("dressing-bowl", emptyBowl);
const correctors = computed({
  get: () => correctorsOf(draft.value, props.lines),
  set: (chosen) => (draft.value.correctors = chosen),
});
const offered = computed(() => [
  ...new Set([...props.lines.map((line) => line.id), "salt-sea-fine", "water", "honey"]),
]);
const corrected = computed(() =>
  correctionOf(draft.value, {
    ...{ lines: props.lines, known: props.known, targets: props.targets },
    style: props.dressingStyle,
  }),
);
const verdict = computed(() =>
  corrected.value.ok
    ? correctionSentence(corrected.value.value, props.nameFor)
    : sentenceFor(corrected.value.issue),
);
</script>

<template>
  <div class="bowl">
    <div class="parts">
      <WeightField
        v-for="line in lines"
        :id="`bowl-${line.id}`"
        :key="line.id"
        :model-value="draft.grams[line.id] ?? plannedText(line)"
        :label="line.name"
        :source="weights"
        placeholder="none"
        @update:model-value="draft.grams[line.id] = $event"
      />
    </div>
    <div>
      <p class="label">What may be added</p>
      <IngredientChips
        v-model="correctors"
        name="allowed"
        label="What may be added"
        :ids="offered"
        :name-for="nameFor"
      />
    </div>
    <FoldOut title="Balance sweetness as well" quiet>
      <div class="parts">
        <NumberBox id="sweet-from" v-model="draft.sweetFrom" label="Sugar per g acid, from" />
        <NumberBox id="sweet-to" v-model="draft.sweetTo" label="to" />
      </div>
    </FoldOut>
    <p class="verdict" role="status" data-testid="correction">{{ verdict }}</p>
    <DressingFiguresList v-if="corrected.ok" :figures="corrected.value.after" />
  </div>
</template>

<style scoped>
.bowl {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

.parts {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(11rem, 1fr));
  gap: 0.7rem;
}

.label {
  margin-bottom: 0.3rem;
  font-size: 0.875rem;
  font-weight: 600;
}

.verdict {
  font-weight: 600;
}
</style>
