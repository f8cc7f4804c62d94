<script setup lang="ts">
import { nameOf } from "@apron/core/catalogue";
import Button from "primevue/button";
import { computed, nextTick, ref, useTemplateRef } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import DateField from "../ui/DateField.vue";
import { todayIso } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import QuickPicks from "../ui/QuickPicks.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { isClear, openQuestion } from "./intake-draft.ts";
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
  props.usual
    .flatMap((id) => ingredients.value?.find((one) => one.id === id) ?? [])
    .slice(0, 8)
    .map((one) => ({ value: one.id, label: nameOf(one, session.dialect) })),
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
  return count === 0 ? "Log all" : `Log all ${count}`;
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
async function log(which: "all" | "clear" = "all"): Promise<void> {
  await addTyped();
  if (await form.log(which)) lineField.value?.focus();
}
const clearCount = computed(() => draft.value.rows.filter(isClear).length);
</script>

<template>
  <form
    class="intake"
    novalidate
    aria-label="Log several items"
    data-testid="intake"
    @submit.prevent="log()"
    @input="submission.forget"
  >
    <QuickPicks label="Add to the list" data-testid="usual-items" :choices="chips" @picked="choose" />
    <FieldFrame label="Item, or a pasted list" for="intake-line">
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
    <ol v-if="draft.rows.length > 0" class="rows" aria-label="In this delivery" data-testid="delivery-rows">
      <IntakeRowField
        v-for="{ row, place } in shownRows"
        :key="row.id"
        ref="rows"
        v-model="draft.rows[place]!"
        :problem="form.problemAt(place)"
        @dropped="form.drop(row.id)"
        @retyped="form.retype(row.id, $event)"
      />
    </ol>
    <Button
      v-if="hidden > 0"
      :label="`Show more (${hidden} hidden)`"
      severity="secondary"
      size="small"
      @click="shownCount += atOnce"
    />
    <FoldOut title="Source and price" data-testid="delivery-details">
      <div class="about">
        <SelectField
          id="intake-source"
          v-model="draft.sourceKind"
          label="Source"
          :choices="sourceNames"
          :problem="submission.sentenceAt('source')"
        />
        <FieldFrame label="Box or stall" for="intake-note">
          <TextBox id="intake-note" v-model="draft.sourceNote" maxlength="120" autocomplete="off" />
        </FieldFrame>
        <FieldFrame
          label="Total price"
          for="intake-price"
          :problem="priceProblem ?? submission.sentenceAt('priceMinor')"
          hint="Split between the items by weight."
        >
          <TextBox
            id="intake-price"
            v-model="draft.price"
            inputmode="decimal"
            placeholder="none"
            autocomplete="off"
          />
        </FieldFrame>
        <DateField
          id="intake-since"
          v-model="draft.since"
          label="Date received"
          :problem="submission.sentenceAt('since')"
          :latest="todayIso()"
        />
      </div>
    </FoldOut>
    <p v-if="questions > 0" class="asks" role="status" data-testid="open-lines">
      {{ counted(questions, "line needs", "lines need") }} an answer.
    </p>
    <ProblemNote
      :text="submission.problem.value?.field?.startsWith('lines.') ? undefined : submission.sentence.value"
    />
    <Button
      type="submit"
      data-testid="log-intake"
      :label="label"
      :disabled="draft.rows.length === 0 && typed.trim() === ''"
      :loading="submission.pending.value"
    />
    <Button
      v-if="questions > 0 && clearCount > 0"
      severity="secondary"
      data-testid="log-clear"
      :label="`Log the ${clearCount} that ${clearCount === 1 ? 'is' : 'are'} clear`"
      :loading="submission.pending.value"
      @click="log('clear')"
    />
  </form>
</template>

<style scoped>
.intake {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
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

.asks {
  font-weight: 600;
  color: var(--soon);
}
</style>
