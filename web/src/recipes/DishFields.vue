<script setup lang="ts">
import { readYield } from "@apron/core/exchange";
import { cautionsOfKind, defaultDensity, keepingOf, type DishKind } from "@apron/core/recipes";
import { ref } from "vue";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import NumberBox from "../ui/NumberBox.vue";
import { counted } from "../ui/plural.ts";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { kindWords } from "./kind-words.ts";
import type { FormulaDraft } from "./use-recipe-draft.ts";

/** A recipe's head: title, kind, how much it makes and how long that keeps. */
const props = defineProps<{
  sentenceAt: (field: string) => string | undefined;
  unreadableMakes: string | undefined;
}>();
const draft = defineModel<FormulaDraft>({ required: true });
const emit = defineEmits<{ unreadableMakes: [text: string | undefined] }>();
const { data: catalogue } = useCatalogue();

const kinds = Object.entries(kindWords).map(([value, label]) => ({ value: value as DishKind, label }));
const keepingChoices = (place: string) => [
  { value: "none", label: "not kept there" },
  ...(catalogue.value?.keeping ?? [])
    .filter((rule) => rule.place === place)
    .map((rule) => ({ value: rule.subject, label: `${rule.name}: ${counted(rule.days, "day")}` })),
];
const makes = draft.value.makes;
const makesText = ref(
  props.unreadableMakes ??
    (makes === null ? "" : makes.kind === "mass" ? `${makes.grams} g` : `${makes.ml} ml`),
);
const makesProblem = ref<string>();
/** What a batch is said to make, by mass or by volume; empty where the recipe does not say. */
function setMakes(text: string): void {
  makesText.value = text;
  const read = readYield(text).makes;
  const isUnread = text.trim() !== "" && !read;
  makesProblem.value = isUnread ? "Enter a volume or a weight, like 300 ml or 1.2 kg." : undefined;
  if (!isUnread) draft.value.makes = read;
  emit("unreadableMakes", isUnread ? text : undefined);
}
/** A new kind brings its usual keeping, density and cautions; the cook may set others. */
function setKind(kind: DishKind): void {
  const known = new Map((catalogue.value?.ingredients ?? []).map((one) => [one.id, one]));
  const facts = draft.value.lines.flatMap((line) => {
    const sent = known.get(line.fillers[0]?.ingredient ?? "");
    return sent ? [factsOf(sent)] : [];
  });
  draft.value.kind = kind;
  draft.value.keeping = { ...keepingOf(kind, facts) };
  draft.value.gramsPerMl = defaultDensity(kind);
  draft.value.cautions = [...new Set([...draft.value.cautions, ...cautionsOfKind(kind)])];
}
</script>

<template>
  <section class="card head" aria-label="Dish">
    <FieldFrame label="Title" for="recipe-name" :problem="sentenceAt('formula.name')">
      <TextBox id="recipe-name" v-model="draft.name" />
    </FieldFrame>
    <SelectField
      id="edit-kind"
      :model-value="draft.kind"
      label="Kind"
      name="Kind of dish"
      :choices="kinds"
      @update:model-value="setKind"
    />
    <NumberBox
      id="recipe-servings"
      :model-value="draft.servings"
      label="Servings"
      needed
      :problem="sentenceAt('formula.servings')"
      @update:model-value="draft.servings = $event"
    />
    <NumberBox
      id="recipe-minutes"
      :model-value="draft.minutes || null"
      label="Minutes"
      :problem="sentenceAt('formula.minutes')"
      @update:model-value="draft.minutes = Math.round($event ?? 0)"
    />
    <FieldFrame label="Makes" for="recipe-makes" :problem="makesProblem ?? sentenceAt('formula.makes')">
      <TextBox
        id="recipe-makes"
        :model-value="makesText"
        placeholder="300 ml"
        @update:model-value="setMakes"
      />
    </FieldFrame>
    <SelectField
      id="keep-fridge"
      :model-value="draft.keeping.fridge ?? 'none'"
      label="Keeps in the fridge"
      :choices="keepingChoices('fridge')"
      :problem="sentenceAt('formula.keeping')"
      @update:model-value="draft.keeping.fridge = $event === 'none' ? null : $event"
    />
    <SelectField
      id="keep-freezer"
      :model-value="draft.keeping.freezer ?? 'none'"
      label="Keeps in the freezer"
      :choices="keepingChoices('freezer')"
      @update:model-value="draft.keeping.freezer = $event === 'none' ? null : $event"
    />
  </section>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) 6rem 6rem 7rem;
  gap: 0.8rem;
}

.head > :nth-child(6) {
  grid-column: span 2;
}

.head > :nth-child(7) {
  grid-column: span 3;
}

@media (max-width: 900px) {
  .head,
  .head > :nth-child(n + 6) {
    grid-template-columns: minmax(0, 1fr);
    grid-column: auto;
  }
}
</style>
