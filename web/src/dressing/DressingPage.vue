<script setup lang="ts">
import { provenance } from "@apron/core/catalogue";
import { dressingStyles } from "@apron/core/dressing";
import { showPercent } from "@apron/core/measure";
import { computed, ref } from "vue";
import { sentenceFor } from "../app/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import CorrectBowl from "./CorrectBowl.vue";
import {
  useDressingDraft,
  defaultAcids,
  defaultEmulsifiers,
  defaultFlavours,
  defaultOils,
  defaultSweets,
} from "./dressing-draft.ts";
import DressingFiguresList from "./DressingFiguresList.vue";
import ForSalad from "./ForSalad.vue";
import IngredientChips from "./IngredientChips.vue";
import KeepDressing from "./KeepDressing.vue";
import RatioPicture from "./RatioPicture.vue";
import { useDressing } from "./use-dressing.ts";

/** A dressing is a ratio: choose a school and what is at hand, and it is laid out to be poured. */
const draft = useDressingDraft();
const { dressingStyle, composed, lines, rounded, nameFor, known, targets } = useDressing(draft);
const schoolChoices = dressingStyles.map((one) => ({ value: one.id, label: one.name }));
const withNone = (ids: readonly string[]) => [
  { value: null, label: "none" },
  ...ids.map((id) => ({ value: id, label: nameFor(id) })),
];
const emulsifiers = computed(() => withNone(defaultEmulsifiers));
const sweets = computed(() => withNone(defaultSweets));
const ofCategory = (category: string): string[] =>
  [...known.value.values()].filter((one) => one.category === category).map((one) => one.id);
const salts = [
  { value: "yes", label: "To the school" },
  { value: "no", label: "None added" },
] as const;
const salted = computed({
  get: (): "yes" | "no" => (draft.value.salted ? "yes" : "no"),
  set: (value) => (draft.value.salted = value === "yes"),
});
const views = [
  { value: "salad", label: "For this salad" },
  { value: "correct", label: "Correct a bowl" },
  { value: "keep", label: "Keep as a recipe" },
] as const;
const view = ref<(typeof views)[number]["value"]>("salad");
const roleWords = {
  acid: "first",
  salt: "into the acid, till it is gone",
  sweet: "into the acid",
  emulsifier: "whisk in",
  creamy: "whisk in",
  flavour: "stir in",
  oil: "last, in a thread",
} as const;
const off = (error: number): string =>
  Math.abs(error) < 0.005 ? "" : ` (${error > 0 ? "+" : "−"}${showPercent(Math.abs(error))})`;
/** Left empty, a target is the school's own. */
const figures = [
  { key: "flavourG", id: "dressing-flavour-g", label: "grams of each", placeholder: "" },
  { key: "ratio", id: "dressing-ratio", label: "oil to 1 acid", placeholder: "dressingStyle" },
  { key: "saltPercent", id: "dressing-salt", label: "salt, %", placeholder: "dressingStyle" },
  { key: "sugarPercent", id: "dressing-sugar", label: "sugar, %", placeholder: "dressingStyle" },
] as const;
const ownTargets = computed(() =>
  [draft.value.ratio, draft.value.saltPercent, draft.value.sugarPercent].some((text) => text !== ""),
);
const problem = computed(() => (composed.value?.ok === false ? sentenceFor(composed.value.issue) : ""));
</script>

<template>
  <PageHead title="Dressing" lead="A dressing is a ratio; a weak acid is not a strong one." />
  <div class="columns">
    <section class="card choose" aria-label="What goes in">
      <FieldFrame label="School" for="dressing-school">
        <SelectBox id="dressing-school" v-model="draft.dressingStyle" :choices="schoolChoices" name="School" />
      </FieldFrame>
      <p v-if="dressingStyle" class="soft small">For {{ dressingStyle.suits }}. {{ dressingStyle.notes }}</p>
      <FieldFrame label="How much" for="dressing-volume">
        <TextBox id="dressing-volume" v-model="draft.volume" class="figure" autocomplete="off" />
      </FieldFrame>
      <div>
        <p class="label">Acids at hand</p>
        <IngredientChips
          v-model="draft.acids"
          label="Acids"
          :ids="defaultAcids"
          :name-for="nameFor"
          :further="ofCategory('acid')"
        />
      </div>
      <div>
        <p class="label">Oils at hand</p>
        <IngredientChips
          v-model="draft.oils"
          label="Oils"
          :ids="defaultOils"
          :name-for="nameFor"
          :further="ofCategory('oil')"
        />
      </div>
      <div class="pair">
        <FieldFrame label="Holds it together" for="dressing-emulsifier">
          <SelectBox
            id="dressing-emulsifier"
            v-model="draft.emulsifier"
            :choices="emulsifiers"
            name="Emulsifier"
            placeholder="none"
          />
        </FieldFrame>
        <FieldFrame label="grams" for="dressing-emulsifier-g">
          <TextBox
            id="dressing-emulsifier-g"
            v-model="draft.emulsifierG"
            class="figure"
            inputmode="decimal"
          />
        </FieldFrame>
      </div>
      <FieldFrame label="Sweet" for="dressing-sweet">
        <SelectBox
          id="dressing-sweet"
          v-model="draft.sweet"
          :choices="sweets"
          name="Sweet"
          placeholder="none"
        />
      </FieldFrame>
      <div>
        <p class="label">Salt</p>
        <ChoiceButtons v-model="salted" label="Salt" :choices="salts" />
      </div>
      <details :open="ownTargets">
        <summary>Flavour, and targets of your own</summary>
        <div class="more">
          <IngredientChips
            v-model="draft.flavours"
            label="Flavours"
            :ids="defaultFlavours"
            :name-for="nameFor"
            :further="[...ofCategory('soft-herb'), ...ofCategory('spice')]"
          />
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
        </div>
      </details>
    </section>
    <div class="result">
      <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
      <section v-if="composed?.ok && dressingStyle" class="card" aria-labelledby="dressing-mix">
        <h2 id="dressing-mix">Pour in this order</h2>
        <ol class="lines">
          <li v-for="line in lines" :key="line.id">
            <span class="name">{{ line.name }}</span>
            <b class="figure grams">{{ line.scale.text }}</b>
            <span class="small spoon">{{
              line.spoon ? `${line.spoon.text}${off(line.spoon.error)}` : ""
            }}</span>
            <span class="soft small">{{ roleWords[line.role] }}</span>
          </li>
        </ol>
        <p v-if="composed.value.saltAlreadyOver" class="wrong">
          What is in it is saltier than this school already: no salt is added, and none can be taken out.
        </p>
        <RatioPicture :dressing-style="dressingStyle" :now="(rounded ?? composed.value.figures).oilToAcidEffective" />
        <DressingFiguresList :figures="rounded ?? composed.value.figures" />
        <p class="soft small">
          This is taste, not acidity in the safe-keeping sense: no ratio ever buys a day of keeping.
        </p>
        <WorkingsNote
          :text="`${(rounded ?? composed.value.figures).workings}. The school: ${dressingStyle.oilParts} of oil to ${dressingStyle.acidParts} of acid of ${dressingStyle.acidPercent} %; ${provenance(dressingStyle)}`"
        />
      </section>
      <section v-if="composed?.ok && dressingStyle" class="card" aria-label="With this dressing">
        <ChoiceButtons v-model="view" label="With this dressing" :choices="views" />
        <ForSalad
          v-if="view === 'salad'"
          :lines="lines"
          :made-g="(rounded ?? composed.value.figures).grams"
        />
        <KeepDressing v-else-if="view === 'keep'" :lines="lines" />
        <CorrectBowl
          v-else
          :dressing-style="dressingStyle"
          :targets="targets"
          :lines="lines"
          :known="known"
          :name-for="nameFor"
        />
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 22rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}

.choose,
.result,
.result section {
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
  padding-top: 0.6rem;
}

.targets {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(6.5rem, 1fr));
  gap: 0.6rem;
}

summary {
  width: fit-content;
  font-size: 0.875rem;
  color: var(--action);
  cursor: pointer;
}

.label {
  margin-bottom: 0.3rem;
  font-size: 0.875rem;
  font-weight: 600;
}

.lines li {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) 6rem minmax(0, 1fr) minmax(0, 1.1fr);
  gap: 0.2rem 0.8rem;
  align-items: baseline;
  padding: 0.3rem 0;
  border-bottom: 1px solid var(--line);
}

.grams {
  text-align: right;
  font-size: 1.15rem;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (max-width: 620px) {
  .lines li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
