<script setup lang="ts">
import { provenance } from "@apron/core/catalogue";
import { showPercent } from "@apron/core/measure";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed, ref } from "vue";
import { sentenceFor } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { labelled } from "../ui/labelled.ts";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import CorrectBowl from "./CorrectBowl.vue";
import { useDressingDraft } from "./dressing-draft.ts";
import DressingChoices from "./DressingChoices.vue";
import DressingFiguresList from "./DressingFiguresList.vue";
import ForSalad from "./ForSalad.vue";
import RatioPicture from "./RatioPicture.vue";
import SaveDressing from "./SaveDressing.vue";
import { useDressing, type DressingLine } from "./use-dressing.ts";

/** Choose a style and what is in the kitchen, and the dressing is laid out to be poured. */
const { draft } = useDressingDraft();
const { style, composed, lines, figures, nameFor, known, targets } = useDressing(draft);
const views = [
  { value: "salad", label: "For a salad" },
  { value: "correct", label: "Correct a bowl" },
  { value: "save", label: "Save as recipe" },
] as const;
const view = ref<(typeof views)[number]["value"]>("salad");
const roleWords = {
  acid: "first",
  salt: "dissolve in the acid",
  sweet: "stir into the acid",
  emulsifier: "whisk in",
  creamy: "whisk in",
  flavour: "stir in",
  oil: "last, in a thin stream",
} as const;
const off = (error: number): string =>
  Math.abs(error) < 0.005 ? "" : ` (${error > 0 ? "+" : "−"}${showPercent(Math.abs(error))})`;
const spoons = ({ spoon }: DressingLine): string => (spoon ? `${spoon.text}${off(spoon.error)}` : "");
const made = computed(() => (composed.value?.ok ? composed.value.value : undefined));
const problem = computed(() =>
  composed.value?.ok === false ? sentenceFor(composed.value.issue) : undefined,
);
const workings = computed(() => {
  const now = style.value;
  if (!now || !figures.value) return "";
  return `${figures.value.workings}. The style: ${now.oilParts} oil to ${now.acidParts} acid of ${now.acidPercent} %; ${provenance(now)}`;
});
</script>

<template>
  <PageHead title="Dressing" lead="Balanced by the strength of the acid you have." />
  <div class="columns">
    <DressingChoices v-model="draft" :style="style" :known="known" :name-for="nameFor" />
    <div class="result">
      <ProblemNote :text="problem" />
      <section
        v-if="made && style && figures"
        class="card"
        aria-labelledby="dressing-mix"
        data-testid="dressing-mix"
      >
        <h2 id="dressing-mix">Mix in this order</h2>
        <DataTable :value="lines" data-key="id" size="small" class="stacks">
          <Column v-bind="labelled('Ingredient')">
            <template #body="{ data }: { data: DressingLine }">
              <b class="name">{{ data.name }}</b>
            </template>
          </Column>
          <Column v-bind="labelled('Weight')" class="right">
            <template #body="{ data }: { data: DressingLine }">
              <b class="figure">{{ data.scale.text }}</b>
            </template>
          </Column>
          <Column v-bind="labelled('Measure')">
            <template #body="{ data }: { data: DressingLine }">{{ spoons(data) }}</template>
          </Column>
          <Column v-bind="labelled('How')">
            <template #body="{ data }: { data: DressingLine }">
              <span class="soft small">{{ roleWords[data.role] }}</span>
            </template>
          </Column>
        </DataTable>
        <p v-if="made.saltAlreadyOver" class="wrong">
          The ingredients already contain more salt than this style has. No salt is added.
        </p>
        <RatioPicture :dressing-style="style" :now="figures.oilToAcidEffective" />
        <DressingFiguresList :figures="figures" />
        <p class="soft small">
          This is about taste, not about acidity for safe keeping. No ratio makes a dressing keep longer.
        </p>
        <WorkingsNote :text="workings" />
      </section>
      <section
        v-if="made && style && figures"
        class="card"
        aria-label="Use this dressing"
        data-testid="use-dressing"
      >
        <ChoiceButtons v-model="view" label="Use this dressing" :choices="views" />
        <ForSalad v-if="view === 'salad'" :lines="lines" :made-g="figures.grams" />
        <SaveDressing v-else-if="view === 'save'" :lines="lines" />
        <CorrectBowl
          v-else
          :dressing-style="style"
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

.result,
.result section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.75rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
