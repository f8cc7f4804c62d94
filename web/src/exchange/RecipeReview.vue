<script setup lang="ts">
import type { Catalogue } from "@apron/core/catalogue";
import type { ReviewedLine, SourceKind, SourceLine } from "@apron/core/exchange";
import { containerSizes, defaultContainer } from "@apron/core/larder";
import { showGrams } from "@apron/core/measure";
import { defaultPortionG, keepingOf, tasksOf } from "@apron/core/recipes";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { kindWords, stepMarks } from "../recipes/kind-words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import { labelled } from "../ui/labelled.ts";
import { useOpenRows } from "../ui/open-rows.ts";
import { counted, nounFor } from "../ui/plural.ts";
import SelectBox from "../ui/SelectBox.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import { readAs } from "./read-as.ts";
import type { ReadRecipe } from "./recipe-reader.worker.ts";
import { isOpen, questionOf, retitled, type ChangedRecipe } from "./recipe-review-draft.ts";
import SourceLineActs from "./SourceLineActs.vue";
import SourceLineFields from "./SourceLineFields.vue";
import {
  added,
  apart,
  kindChoices,
  merged,
  moved,
  splitAt,
  withAnswer,
  withKind,
  without,
  withText,
} from "./source-lines.ts";

/** One recipe, every line of it as it was taken and read; nothing is decided until the cook saves. */
const props = defineProps<{
  recipe: ReadRecipe;
  changed: ChangedRecipe;
  catalogue: Catalogue;
  busy: boolean;
}>();
const emit = defineEmits<{ change: [changed: ChangedRecipe]; meant: [name: string, id: string]; save: [] }>();
const session = useSession();
const kinds = Object.entries(kindWords).map(([value, label]) => ({
  value: value as keyof typeof kindWords,
  label,
}));
const lines = computed(() => props.changed.lines ?? props.recipe.draft.lines);
const review = computed(() => props.recipe.review);
const title = computed({
  get: () => lines.value.find((line) => line.kind === "title")?.text ?? "",
  set: (now: string) => emit("change", { lines: retitled({ lines: lines.value }, now) }),
});
const kind = computed({
  get: () => props.changed.kind ?? review.value.kind,
  set: (now) => emit("change", { kind: now }),
});
/** A guess decides how long the dish keeps, and in what: the cook sees what follows from it. */
const kindHint = computed(() => {
  if (review.value.isKindSaid || props.changed.kind !== undefined) return undefined;
  const container = containerSizes.find((size) => size.kind === defaultContainer(kind.value))?.name ?? "bowl";
  const facts = review.value.lines.flatMap(
    (line) => props.catalogue.ingredients.get(line.ingredient ?? "") ?? [],
  );
  const keeping = keepingOf(kind.value, facts).fridge?.replaceAll("-", " ") ?? "not kept";
  return `A guess; check it. Keeps like ${keeping}. Portion ${inGrams(defaultPortionG(kind.value))}, ${container}.`;
});
const servings = computed({
  get: () => props.changed.servings ?? String(review.value.servings ?? ""),
  set: (now: string) => emit("change", { servings: now }),
});

type Row = {
  readonly at: number;
  readonly line: SourceLine;
  readonly read: readonly ReviewedLine[];
  readonly marks: string;
};
const inGrams = (grams: number): string => showGrams(grams, session.display);
const rows = computed<Row[]>(() => {
  const steps = new Map(review.value.steps.map((step) => [step.text, stepMarks(step, inGrams).join(", ")]));
  // A paragraph may hold several tasks, each with its own time.
  const marksOf = (text: string): string =>
    tasksOf(text)
      .map((task) => steps.get(task) ?? "")
      .filter((marks) => marks !== "")
      .join("; ");
  return lines.value.map((line, at) => ({
    ...{ at, line, marks: line.kind === "step" ? marksOf(line.text) : "" },
    // A change is read a moment later: until then the line shows no reading of another.
    read: review.value.lines.filter(
      (one) => one.source === at && props.recipe.draft.lines[at]?.text === line.text,
    ),
  }));
});
const asks = ({ line, read }: Row): boolean => line.kind === "ingredient" && read.some(isOpen);
const opened = useOpenRows();
const expanded = computed(() =>
  Object.fromEntries(
    rows.value
      .filter((row) => asks(row) || opened.isOpen(String(row.at)))
      .map(({ at }) => [String(at), true]),
  ),
);
const openCount = computed(() => rows.value.filter(asks).length);
/** Is there more to it than a weight as it was written? */
const isWorkedOut = (line: ReviewedLine): boolean =>
  line.workings !== "" && (!line.weighed || line.asBoughtG !== null || line.cookedG !== null);
const phrase = (line: ReviewedLine): string => readAs(line, props.catalogue, session);
const set = (now: SourceLine[]): void => emit("change", { lines: now });
const setKind = (at: number, now: SourceKind): void => set(withKind(lines.value, at, now));
</script>

<template>
  <form class="review" aria-label="Review" data-testid="recipe-review" @submit.prevent>
    <div class="head">
      <FieldFrame label="Title" for="review-title">
        <TextBox id="review-title" v-model="title" />
      </FieldFrame>
      <SelectField id="review-kind" v-model="kind" label="Kind" :choices="kinds" :hint="kindHint" />
      <FieldFrame
        label="Servings"
        for="review-servings"
        v-bind="review.servings === null ? { hint: `Not given; ${review.servingsProposal} by weight` } : {}"
      >
        <TextBox
          id="review-servings"
          v-model="servings"
          inputmode="decimal"
          :placeholder="String(review.servingsProposal)"
        />
      </FieldFrame>
    </div>
    <DataTable
      :expanded-rows="expanded"
      :value="rows"
      data-key="at"
      size="small"
      class="stacks lines"
      :row-class="(row: Row) => (asks(row) ? 'asks' : `is-${row.line.kind}`)"
    >
      <Column v-bind="labelled('As written')">
        <template #body="{ data: { line } }: { data: Row }">{{ line.text }}</template>
      </Column>
      <Column v-bind="labelled('Is')">
        <template #body="{ data: { at, line } }: { data: Row }">
          <SelectBox
            :id="`kind-${at}`"
            :model-value="line.kind"
            :name="`What “${line.text}” is`"
            :choices="kindChoices"
            @update:model-value="setKind(at, $event)"
          />
        </template>
      </Column>
      <Column v-bind="labelled('Read as')">
        <template #body="{ data: row }: { data: Row }">
          <p v-for="(one, i) in row.line.kind === 'ingredient' ? row.read : []" :key="i">
            <b v-if="isOpen(one)">{{ questionOf(one) }}</b>
            <template v-if="!isOpen(one) || one.ingredient"> {{ phrase(one) }}</template>
          </p>
          <span class="small soft">{{ row.marks }}</span>
        </template>
      </Column>
      <Column v-bind="labelled('')">
        <template #body="{ data: { at, line } }: { data: Row }">
          <SourceLineActs
            :text="line.text"
            :is-first="at === 0"
            :is-last="at === lines.length - 1"
            @edit="opened.toggle(String(at))"
            @move="set(moved(lines, at, $event))"
            @merge="set(merged(lines, at))"
            @drop="set(without(lines, at))"
          />
        </template>
      </Column>
      <template #expansion="{ data: { line, at, read } }: { data: Row }">
        <SourceLineFields
          :at="at"
          :line="line"
          :readings="read"
          :catalogue="catalogue"
          @text="set(withText(lines, at, $event))"
          @split="set(splitAt(lines, at, $event))"
          @apart="set(apart(lines, at, $event))"
          @answer="set(withAnswer(lines, at, $event))"
          @meant="(name, id) => emit('meant', name, id)"
          @leave-out="setKind(at, 'note')"
        />
        <WorkingsNote v-for="(one, i) in read.filter(isWorkedOut)" :key="i" :text="one.workings" />
      </template>
    </DataTable>
    <div class="more">
      <Button
        label="Add an ingredient"
        size="small"
        severity="secondary"
        @click="(set(added(lines, 'ingredient')), opened.setOpen(String(lines.length), true))"
      />
      <Button
        label="Add a step"
        size="small"
        severity="secondary"
        @click="(set(added(lines, 'step')), opened.setOpen(String(lines.length), true))"
      />
    </div>
    <p v-if="openCount > 0" class="small soft">
      {{ counted(openCount, "line") }} {{ nounFor(openCount, "is", "are") }} kept as text and not counted
      until you fill {{ nounFor(openCount, "it", "them") }} in.
    </p>
    <!-- Enter chooses an ingredient in this form; it never sends it off half answered. -->
    <Button
      label="Save recipe"
      data-testid="save-recipe"
      size="large"
      :loading="busy"
      @click="emit('save')"
    />
  </form>
</template>

<style scoped>
.review {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
  width: 100%;
  justify-items: start;
}

.lines {
  width: 100%;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 15rem 7rem;
  gap: 0.7rem;
  width: 100%;
}

.more {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.lines :deep(.asks td) {
  background: var(--soon-wash);
}

.lines :deep(.is-title td:first-child),
.lines :deep(.is-heading td:first-child) {
  font-weight: 650;
}

.lines :deep(.p-select) {
  min-width: 8.5rem;
}

@media (max-width: 700px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }
}

/* On a phone: the words, what they were read as, then what they are and what can be done with them, side by side. */
@media (max-width: 600px) {
  .lines :deep(tr:not(.p-datatable-row-expansion)) {
    display: grid;
    grid-template-areas: "words words" "read read" "is acts";
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 0.2rem 0.6rem;
    align-items: center;
  }

  .lines :deep(tr td) {
    text-align: start;
  }

  .lines :deep(tr.asks) {
    padding-inline: 0.4rem;
    background: var(--soon-wash);
  }

  .lines :deep(tr:not(.p-datatable-row-expansion) td)::before {
    display: none;
  }

  .lines :deep(td:nth-child(1)) {
    grid-area: words;
  }

  .lines :deep(td:nth-child(2)) {
    grid-area: is;
  }

  .lines :deep(td:nth-child(3)) {
    grid-area: read;
    color: var(--soft-ink);
  }

  .lines :deep(td:nth-child(4)) {
    grid-area: acts;
  }
}
</style>
