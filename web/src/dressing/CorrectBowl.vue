<script setup lang="ts">
import type { IngredientFacts } from "@apron/core/catalogue";
import {
  bandsAround,
  correctDressing,
  defaultRole,
  type DressingRole,
  type DressingStyle,
} from "@apron/core/dressing";
import { computed, reactive, ref, watch } from "vue";
import { sentenceFor } from "../app/words.ts";
import { useWeightSource } from "../app/use-weight-source.ts";
import { typedGrams } from "../ui/typed-grams.ts";
import NumberBox from "../ui/NumberBox.vue";
import WeightField from "../ui/WeightField.vue";
import DressingFiguresList from "./DressingFiguresList.vue";
import IngredientChips from "./IngredientChips.vue";

/** A bowl that is mixed already: what is really in it, what may go in, and the least that puts it right. */
type Line = {
  readonly id: string;
  readonly name: string;
  readonly role: DressingRole;
  readonly facts: IngredientFacts;
  readonly grams: number;
};
const props = defineProps<{
  dressingStyle: DressingStyle;
  /** What the cook wants instead of the school's own. */
  targets: { readonly ratio?: number | undefined; readonly saltPercent?: number | undefined };
  lines: readonly Line[];
  known: ReadonlyMap<string, IngredientFacts>;
  nameFor: (id: string) => string;
}>();
const weights = useWeightSource();
const texts = reactive<Record<string, string>>({});
watch(
  () => props.lines.map((line) => line.id).join(),
  () => {
    for (const line of props.lines) texts[line.id] ??= line.grams.toFixed(line.grams < 10 ? 1 : 0);
  },
  { immediate: true },
);
const correctors = ref<string[]>([]);
watch(
  () => props.lines.map((line) => line.id).join(),
  () =>
    (correctors.value = props.lines.filter((l) => ["oil", "acid", "salt"].includes(l.role)).map((l) => l.id)),
  { immediate: true },
);
const offered = computed(() => [
  ...new Set([...props.lines.map((line) => line.id), "salt-sea-fine", "water", "honey"]),
]);
/** Sweet to sour matters only where the cook says between what. */
const sweetFrom = ref<number | null>(null);
const sweetTo = ref<number | null>(null);
const corrected = computed(() => {
  const bowl = props.lines.flatMap((line) => {
    const grams = typedGrams(texts[line.id] ?? "");
    return grams === undefined ? [] : [{ facts: line.facts, role: line.role, grams }];
  });
  const allowed = correctors.value.flatMap((id) => {
    const facts = props.known.get(id);
    return facts ? [{ facts, role: defaultRole(facts) }] : [];
  });
  const sweet =
    sweetFrom.value === null || sweetTo.value === null || sweetTo.value < sweetFrom.value
      ? null
      : { low: sweetFrom.value, high: sweetTo.value };
  return correctDressing(bowl, { ...bandsAround(props.dressingStyle, props.targets), sugarToAcid: sweet }, allowed);
});
const bandWords = {
  oilToAcidEffective: "oil to acid",
  saltPercent: "salt (it can be diluted, never taken out)",
  sugarToAcid: "sweet to sour",
} as const;
const verdict = computed(() => {
  if (!corrected.value.ok) return sentenceFor(corrected.value.issue);
  const { additions, cannot } = corrected.value.value;
  const list = additions.map((one) => `${one.text} ${props.nameFor(one.id)}`).join(" and ");
  if (cannot.length > 0)
    return `With these it cannot be put right: ${cannot.map((name) => bandWords[name]).join(", ")}.${list ? ` Nearest: add ${list}.` : ""}`;
  return list ? `Add ${list}.` : "Nothing to add: it is right.";
});
</script>

<template>
  <div class="bowl">
    <div class="parts">
      <WeightField
        v-for="line in lines"
        :id="`bowl-${line.id}`"
        :key="line.id"
        :model-value="texts[line.id] ?? ''"
        :label="line.name"
        :source="weights"
        placeholder="none"
        @update:model-value="texts[line.id] = $event"
      />
    </div>
    <div>
      <p class="label">What may go in</p>
      <IngredientChips v-model="correctors" label="What may go in" :ids="offered" :name-for="nameFor" />
    </div>
    <details>
      <summary>Sweet against sour, too</summary>
      <div class="parts">
        <NumberBox id="sweet-from" v-model="sweetFrom" label="grams of sugar to 1 of acid, from" />
        <NumberBox id="sweet-to" v-model="sweetTo" label="to" />
      </div>
    </details>
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

summary {
  width: fit-content;
  font-size: 0.875rem;
  color: var(--action);
  cursor: pointer;
}

.verdict {
  font-weight: 600;
}
</style>
