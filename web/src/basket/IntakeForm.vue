<script setup lang="ts">
import { nameOf } from "@apron/core/catalogue";
import Button from "primevue/button";
import { computed, nextTick, ref, useTemplateRef } from "vue";
import { useIngredients } from "../app/queries.ts";
import { useSession } from "../app/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { openQuestion } from "./intake-draft.ts";
import IntakeRowField from "./IntakeRowField.vue";
import { sourceNames } from "./lot-draft.ts";
import { useIntakeForm } from "./use-intake-form.ts";

const props = defineProps<{ usual: readonly string[] }>();
const session = useSession();
const { data: ingredients } = useIngredients();
const form = useIntakeForm();
const { draft, ready, submission, priceProblem } = form;
const typed = ref("");
const rows = useTemplateRef<{ focus: () => void }[]>("rows");
const lineField = useTemplateRef<{ focus: () => void }>("line");

const chips = computed(() =>
  props.usual.flatMap((id) => ingredients.value?.find((one) => one.id === id) ?? []).slice(0, 8),
);
const questions = computed(() => draft.value.rows.filter((row) => openQuestion(row)).length);
/** A long list shows so many rows at a time, those that ask something first; all of them go in. */
const atOnce = 25;
const shownCount = ref(atOnce);
const shownRows = computed(() => {
  const places = draft.value.rows.map((row, place) => ({ row, place }));
  if (places.length <= atOnce) return places;
  const asking = places.filter(
    ({ row, place }) => openQuestion(row) ?? form.problemAt(place) ?? row.amount === "",
  );
  const rest = places.filter((one) => !asking.includes(one));
  return [...asking, ...rest].slice(0, shownCount.value);
});
const hidden = computed(() => draft.value.rows.length - shownRows.value.length);
const label = computed(() => {
  const count = draft.value.rows.length;
  return count === 0 ? "Log them" : `Log all ${count}`;
});

async function addTyped(): Promise<void> {
  const text = typed.value.trim();
  if (text === "") return;
  typed.value = "";
  await form.addLines(text);
}
/** A pasted list becomes rows at once; a single word stays in the field to be finished. */
function pasted(event: ClipboardEvent): void {
  const text = event.clipboardData?.getData("text") ?? "";
  if (!/\n/.test(text.trim())) return;
  event.preventDefault();
  void form.addLines(text);
}
async function choose(id: string): Promise<void> {
  form.addChip(id);
  await nextTick();
  rows.value?.at(-1)?.focus();
}
async function log(): Promise<void> {
  await addTyped();
  if (await form.log()) lineField.value?.focus();
}
</script>

<template>
  <form
    class="intake"
    novalidate
    aria-label="Log several things at once"
    @submit.prevent="log"
    @input="submission.forget"
  >
    <ul v-if="chips.length > 0" class="chips" aria-label="Add to the box">
      <li v-for="one in chips" :key="one.id">
        <button type="button" @click="choose(one.id)">{{ nameOf(one, session.dialect) }}</button>
      </li>
    </ul>
    <FieldFrame label="A line, or a whole pasted list" for="intake-line">
      <div class="line">
        <TextBox
          id="intake-line"
          ref="line"
          v-model="typed"
          placeholder="2 bunches chard"
          autocomplete="off"
          :disabled="!ready"
          @paste="pasted"
          @keydown.enter.prevent="addTyped"
        />
        <Button label="Add" severity="secondary" @click="addTyped" />
      </div>
    </FieldFrame>
    <ol v-if="draft.rows.length > 0" class="rows" aria-label="In the box">
      <IntakeRowField
        v-for="{ row, place } in shownRows"
        :key="row.id"
        ref="rows"
        v-model="draft.rows[place]!"
        :problem="form.problemAt(place)"
        @dropped="form.drop(row.id)"
        @reread="form.reread"
      />
    </ol>
    <Button
      v-if="hidden > 0"
      :label="`Show more of the other ${hidden}`"
      severity="secondary"
      size="small"
      @click="shownCount += atOnce"
    />
    <details>
      <summary>From where, and what it cost</summary>
      <div class="about">
        <FieldFrame label="From" for="intake-source" :problem="submission.sentenceAt('source')">
          <SelectBox id="intake-source" v-model="draft.sourceKind" :choices="sourceNames" name="From" />
        </FieldFrame>
        <FieldFrame label="Which box or stall" for="intake-note">
          <TextBox id="intake-note" v-model="draft.sourceNote" maxlength="120" autocomplete="off" />
        </FieldFrame>
        <FieldFrame
          label="Price of it all"
          for="intake-price"
          :problem="priceProblem ?? submission.sentenceAt('priceMinor')"
          hint="Shared over the lines by weight."
        >
          <TextBox
            id="intake-price"
            v-model="draft.price"
            inputmode="decimal"
            placeholder="none"
            autocomplete="off"
          />
        </FieldFrame>
        <FieldFrame label="Came in on" for="intake-since" :problem="submission.sentenceAt('since')">
          <TextBox id="intake-since" v-model="draft.since" type="date" />
        </FieldFrame>
      </div>
    </details>
    <p v-if="questions > 0" class="asks" role="status">
      {{ questions === 1 ? "One line still asks something." : `${questions} lines still ask something.` }}
    </p>
    <p
      v-if="submission.sentence.value && !submission.problem.value?.field?.startsWith('lines.')"
      class="wrong"
      role="alert"
    >
      {{ submission.sentence.value }}
    </p>
    <Button
      type="submit"
      :label="label"
      :disabled="draft.rows.length === 0 && typed.trim() === ''"
      :loading="submission.pending.value"
    />
  </form>
</template>

<style scoped>
.intake {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}

.chips button {
  min-height: 36px;
  padding: 0 0.7rem;
  font: inherit;
  font-size: 0.875rem;
  color: var(--ink);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

@media (pointer: coarse) {
  .chips button {
    min-height: 44px;
  }
}

.line {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.4rem;
}

.rows {
  max-height: 24rem;
  overflow-y: auto;
}

.about {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.6rem;
}

.about :deep(.p-select),
.about :deep(.p-inputtext) {
  width: 100%;
}

summary {
  padding: 0.3rem 0;
  font-weight: 600;
  color: var(--action);
  cursor: pointer;
}

.asks {
  font-weight: 600;
  color: var(--soon);
}

.wrong {
  color: var(--now);
  font-weight: 600;
}
</style>
