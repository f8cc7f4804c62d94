<script setup lang="ts">
import type { IngredientFacts } from "@apron/core/catalogue";
import { dressingStyles, type DressingStyle } from "@apron/core/dressing";
import { computed } from "vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import {
  defaultAcids,
  defaultEmulsifiers,
  defaultFlavours,
  defaultOils,
  defaultSweets,
  inStyle,
  type DressingDraft,
} from "./dressing-draft.ts";
import IngredientChips from "./IngredientChips.vue";

/** A dressing's style, what goes into it, and targets of the cook's own. */
const props = defineProps<{
  style: DressingStyle | undefined;
  known: ReadonlyMap<string, IngredientFacts>;
  nameFor: (id: string) => string;
}>();
const draft = defineModel<DressingDraft>({ required: true });
const styleChoices = dressingStyles.map((one) => ({ value: one.id, label: one.name }));
const chooseStyle = (style: string): void => {
  draft.value = inStyle(draft.value, style);
};
const withNone = (ids: readonly string[]) => [
  { value: null, label: "none" },
  ...ids.map((id) => ({ value: id, label: props.nameFor(id) })),
];
const emulsifiers = computed(() => withNone(defaultEmulsifiers));
const sweets = computed(() => withNone(defaultSweets));
const ofCategory = (category: string): string[] =>
  [...props.known.values()].filter((one) => one.category === category).map((one) => one.id);
const saltChoices = [
  { value: "yes", label: "As the style has it" },
  { value: "no", label: "None added" },
] as const;
const salted = computed({
  get: (): "yes" | "no" => (draft.value.salted ? "yes" : "no"),
  set: (value) => (draft.value.salted = value === "yes"),
});
const ratioMeanings = [
  { value: "as-poured", label: "As poured" },
  { value: "by-strength", label: "By strength" },
] as const;
/** Left empty, a target is the style's own. */
const figures = [
  { key: "ratio", id: "dressing-ratio", label: "Oil to 1 acid", placeholder: "from style" },
  { key: "saltPercent", id: "dressing-salt", label: "Salt, %", placeholder: "from style" },
  { key: "sugarPercent", id: "dressing-sugar", label: "Sugar, %", placeholder: "from style" },
] as const;
const hasOwnTargets = computed(() =>
  [draft.value.ratio, draft.value.saltPercent, draft.value.sugarPercent].some((text) => text !== ""),
);
</script>

<template>
  <section class="card choose" aria-label="Ingredients">
    <SelectField
      id="dressing-style"
      :model-value="draft.dressingStyle"
      label="Style"
      :choices="styleChoices"
      @update:model-value="chooseStyle"
    />
    <p v-if="style" class="soft small">For {{ style.suits }}. {{ style.notes }}</p>
    <FieldFrame label="Amount" for="dressing-volume">
      <TextBox id="dressing-volume" v-model="draft.volume" class="figure" autocomplete="off" />
    </FieldFrame>
    <div>
      <p class="label">Acids</p>
      <IngredientChips
        v-model="draft.acids"
        name="acids"
        label="Acids"
        :ids="defaultAcids"
        :name-for="nameFor"
        :further="ofCategory('acid')"
      />
    </div>
    <div>
      <p class="label">Oils</p>
      <IngredientChips
        v-model="draft.oils"
        name="oils"
        label="Oils"
        :ids="defaultOils"
        :name-for="nameFor"
        :further="ofCategory('oil')"
      />
    </div>
    <div class="pair">
      <SelectField
        id="dressing-emulsifier"
        v-model="draft.emulsifier"
        label="Emulsifier"
        :choices="emulsifiers"
        placeholder="none"
      />
      <FieldFrame label="Grams" for="dressing-emulsifier-g">
        <TextBox id="dressing-emulsifier-g" v-model="draft.emulsifierG" class="figure" inputmode="decimal" />
      </FieldFrame>
    </div>
    <SelectField
      id="dressing-sweet"
      v-model="draft.sweet"
      label="Sweetener"
      :choices="sweets"
      placeholder="none"
    />
    <div>
      <p class="label">Salt</p>
      <ChoiceButtons v-model="salted" label="Salt" :choices="saltChoices" />
    </div>
    <FoldOut title="Flavourings and your own targets" data-testid="own-targets" :open="hasOwnTargets" quiet>
      <div class="more">
        <IngredientChips
          v-model="draft.flavours"
          name="flavours"
          label="Flavourings"
          :ids="defaultFlavours"
          :name-for="nameFor"
          :further="[...ofCategory('soft-herb'), ...ofCategory('spice')]"
        />
        <FieldFrame label="Grams of each flavouring" for="dressing-flavour-g">
          <TextBox id="dressing-flavour-g" v-model="draft.flavourG" class="figure" inputmode="decimal" />
        </FieldFrame>
        <div class="targets">
          <FieldFrame v-for="one in figures" :key="one.key" :label="one.label" :for="one.id">
            <TextBox
              :id="one.id"
              v-model="draft[one.key]"
              class="figure"
              inputmode="decimal"
              :placeholder="one.placeholder"
            />
          </FieldFrame>
        </div>
        <ChoiceButtons v-model="draft.ratioMeaning" label="Ratio measured" :choices="ratioMeanings" />
      </div>
    </FoldOut>
  </section>
</template>

<style scoped>
.choose {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.75rem;
}

.choose :deep(.p-select),
.choose :deep(.p-inputtext) {
  width: 100%;
}

.pair {
  display: grid;
  grid-template-columns: 1fr 5rem;
  gap: 0.6rem;
}

.more {
  display: grid;
  gap: 0.7rem;
}

.targets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(6.5rem, 1fr));
  gap: 0.6rem;
}

.label {
  margin-bottom: 0.3rem;
  font-size: 0.875rem;
  font-weight: 600;
}
</style>
