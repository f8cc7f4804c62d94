<script setup lang="ts">
import { nameOf, partWanted, type Catalogue } from "@apron/core/catalogue";
import type { LineAnswer, RecipeReview, ReviewedLine } from "@apron/core/exchange";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { useSession } from "../client/session.ts";
import { kindWords } from "../recipes/kind-words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import { labelled } from "../ui/labelled.ts";
import { useOpenRows } from "../ui/open-rows.ts";
import { counted, nounFor } from "../ui/plural.ts";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import { answersOf, countOpen, headedBy, isOpen, questionOf, useReviewDraft } from "./recipe-review-draft.ts";

/** One recipe, line by line as it was read; nothing is decided until the cook saves. */
const props = defineProps<{ review: RecipeReview; catalogue: Catalogue; busy: boolean }>();
const emit = defineEmits<{ save: [review: RecipeReview, answers: ReadonlyMap<number, LineAnswer>] }>();
const session = useSession();
const { draft } = useReviewDraft(props.review);
const kinds = Object.entries(kindWords).map(([value, label]) => ({
  value: value as keyof typeof kindWords,
  label,
}));

type Row = { readonly at: number; readonly line: ReviewedLine };
const rows = computed<Row[]>(() => props.review.lines.map((line, at) => ({ at, line })));
/** Lines that ask something, and those opened to be changed. */
const {
  rows: openRows,
  isOpen: isOpened,
  setOpen,
} = useOpenRows(rows.value.filter(({ line }) => isOpen(line)).map(({ at }) => String(at)));
for (const { at } of rows.value) draft.value.answers[at] ??= { ingredient: "", grams: "" };

const nameFor = (id: string): string => {
  const facts = props.catalogue.ingredients.get(id);
  return facts ? nameOf(facts, session.dialect) : id.replaceAll("-", " ");
};
const grams = (g: number): string => showGrams(g, session.display);
function readAs(line: ReviewedLine): string {
  const name = line.ingredient === null ? "" : nameFor(line.ingredient);
  const { asBoughtG, cookedG, grams: usable } = line;
  const about = line.weighed ? "" : "about ";
  const amount = usable === null ? "" : `${about}${grams(usable)} `;
  const bought = asBoughtG === null ? "" : `${about}${grams(asBoughtG)} as bought`;
  const cooked = cookedG === null ? "" : `${about}${grams(cookedG)} cooked`;
  const part = partWanted(line.preparation);
  const marks = [
    part ? `${part} only` : "",
    bought,
    cooked,
    line.cook?.replaceAll("-", " ") ?? (line.eatenRaw ? "" : "heated"),
    line.optional ? "optional" : "",
    line.toTaste ? "to taste" : "",
  ].filter(Boolean);
  return `${amount}${name}${marks.length > 0 ? ` (${marks.join(", ")})` : ""}`;
}
const answers = computed(() => answersOf(draft.value));
const openCount = computed(() => countOpen(props.review, answers.value));
const save = (): void => emit("save", headedBy(props.review, draft.value), answers.value);
</script>

<template>
  <form class="review" aria-label="Review" data-testid="recipe-review" @submit.prevent>
    <div class="head">
      <FieldFrame label="Title" for="review-title">
        <TextBox id="review-title" v-model="draft.title" />
      </FieldFrame>
      <SelectField id="review-kind" v-model="draft.kind" label="Kind" :choices="kinds" />
      <FieldFrame
        label="Servings"
        for="review-servings"
        v-bind="review.servings === null ? { hint: `Not given; ${review.servingsProposal} by weight` } : {}"
      >
        <TextBox
          id="review-servings"
          v-model="draft.servings"
          inputmode="decimal"
          :placeholder="String(review.servingsProposal)"
        />
      </FieldFrame>
    </div>
    <DataTable
      :expanded-rows="openRows"
      :value="rows"
      data-key="at"
      size="small"
      class="stacks lines"
      :row-class="({ line }: Row) => (isOpen(line) ? 'asks' : '')"
    >
      <Column v-bind="labelled('As written')">
        <template #body="{ data: { line } }: { data: Row }">
          <span v-if="line.group" class="small soft">{{ line.group }}: </span>{{ line.text }}
        </template>
      </Column>
      <Column v-bind="labelled('Read as')">
        <template #body="{ data: { line, at } }: { data: Row }">
          <template v-if="isOpen(line)">
            <b>{{ questionOf(line) }}</b>
            <span v-if="line.ingredient" class="soft"> {{ nameFor(line.ingredient) }}</span>
          </template>
          <template v-else>{{ readAs(line) }}</template>
          <WorkingsNote
            v-if="line.workings && (!line.weighed || line.asBoughtG !== null || line.cookedG !== null)"
            :text="line.workings"
          />
          <Button
            v-if="!isOpened(String(at))"
            label="Change"
            size="small"
            variant="text"
            :aria-label="`Change “${line.text}”`"
            @click="setOpen(String(at), true)"
          />
        </template>
      </Column>
      <Column v-bind="labelled('Role')">
        <template #body="{ data: { line } }: { data: Row }">
          <span class="small">{{ line.role }}</span>
        </template>
      </Column>
      <template #expansion="{ data: { line, at } }: { data: Row }">
        <div v-if="draft.answers[at]" class="fields">
          <IngredientField :id="`line-${at}`" v-model="draft.answers[at].ingredient" :usual="[]" />
          <FieldFrame label="Grams" :for="`grams-${at}`">
            <TextBox :id="`grams-${at}`" v-model="draft.answers[at].grams" inputmode="decimal" />
          </FieldFrame>
          <Button
            v-if="line.proposal"
            :label="`Use ${grams(line.proposal.grams)} (${line.proposal.why})`"
            data-testid="use-proposal"
            severity="secondary"
            rounded
            @click="draft.answers[at].grams = String(line.proposal.grams)"
          />
        </div>
      </template>
    </DataTable>
    <FoldOut :title="counted(review.steps.length, 'step')" quiet>
      <ol>
        <li v-for="(step, i) in review.steps" :key="i">{{ step.text }}</li>
      </ol>
    </FoldOut>
    <p v-if="openCount > 0" class="small soft">
      {{ counted(openCount, "line") }} {{ nounFor(openCount, "is", "are") }} kept as text and not counted
      until you fill {{ nounFor(openCount, "it", "them") }} in.
    </p>
    <!-- Enter chooses an ingredient in this form; it never sends it off half answered. -->
    <Button label="Save recipe" data-testid="save-recipe" size="large" :loading="busy" @click="save" />
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
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) 8rem;
  gap: 0.7rem;
  width: 100%;
}

.lines :deep(.asks td) {
  background: var(--soon-wash);
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: end;
}

.fields > :deep(.field:not(:has(.p-autocomplete))) {
  flex: 0 0 7rem;
}

.fields > :deep(.field:has(.p-autocomplete)) {
  flex: 1 1 14rem;
}

ol {
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

@media (max-width: 700px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
