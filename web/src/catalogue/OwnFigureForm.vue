<script setup lang="ts">
import type { OwnFigure } from "@apron/contract";
import Button from "primevue/button";
import { useForgetFigures } from "../client/queries.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import { typedNumber } from "../ui/typed-number.ts";
import type { FigureRow } from "./figure-rows.ts";

/** Sets the kitchen's own figure, or goes back to the handbook's. A row without a name asks for one. */
const props = defineProps<{
  ingredient: string;
  table: OwnFigure["table"];
  row?: FigureRow;
}>();
const emit = defineEmits<{ closed: [] }>();
const forget = useForgetFigures();
const shown = (value: number | undefined): string => (value === undefined ? "" : String(value));
const id = `own-${props.table}-${props.row?.key ?? "new"}`;
const { draft, clear } = useDraft(`figure:${props.ingredient}:${id}`, () => ({
  name: "",
  value: shown(props.row?.value),
  low: shown(props.row?.low),
  high: shown(props.row?.high),
  note: "",
}));
const submission = useSubmit(["value", "low", "high", "note", "key"]);
async function close(): Promise<void> {
  clear();
  await forget();
  emit("closed");
}

async function set(): Promise<void> {
  const { value, low, high, name, note } = draft.value;
  const typed = typedNumber(value);
  // One number is enough: without a range it is taken as certain.
  const end = (text: string): number | undefined => (text.trim() === "" ? typed : typedNumber(text));
  const figure = { value: typed, low: end(low), high: end(high) };
  for (const field of ["value", "low", "high"] as const)
    if (figure[field] === undefined) return submission.refuse("wrong-type", field);
  const key = props.row?.key ?? name.trim().toLowerCase().replaceAll(/\s+/g, "-");
  const about = { ingredient: props.ingredient, table: props.table, key, note };
  const body = { ...about, ...(figure as Record<keyof typeof figure, number>) };
  if (await submission.submit("setFigure", { body }, "Our own figure")) await close();
}
async function drop(): Promise<void> {
  const body = { ingredient: props.ingredient, table: props.table, key: props.row?.key ?? "" };
  if (await submission.submit("dropFigure", { body }, "Back to the handbook")) await close();
}
</script>

<template>
  <form novalidate aria-label="Our own figure" @submit.prevent="set" @input="submission.forget">
    <FieldFrame v-if="!row" label="What" :for="`${id}-key`" :problem="submission.sentenceAt('key')">
      <TextBox :id="`${id}-key`" v-model="draft.name" maxlength="60" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Usual" :for="`${id}-value`" :problem="submission.sentenceAt('value')">
      <TextBox
        :id="`${id}-value`"
        v-model="draft.value"
        class="figure"
        inputmode="decimal"
        autocomplete="off"
      />
    </FieldFrame>
    <FieldFrame label="Low" :for="`${id}-low`" :problem="submission.sentenceAt('low')">
      <TextBox :id="`${id}-low`" v-model="draft.low" class="figure" inputmode="decimal" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="High" :for="`${id}-high`" :problem="submission.sentenceAt('high')">
      <TextBox
        :id="`${id}-high`"
        v-model="draft.high"
        class="figure"
        inputmode="decimal"
        autocomplete="off"
      />
    </FieldFrame>
    <FieldFrame label="How it was measured" :for="`${id}-note`" :problem="submission.sentenceAt('note')">
      <TextBox
        :id="`${id}-note`"
        v-model="draft.note"
        placeholder="weighed ten"
        maxlength="120"
        autocomplete="off"
      />
    </FieldFrame>
    <div class="buttons">
      <Button
        type="submit"
        label="Save"
        data-testid="save-figure"
        size="small"
        :loading="submission.pending.value"
      />
      <Button
        v-if="row?.own"
        label="Use the handbook's figure"
        data-testid="use-handbook-figure"
        size="small"
        severity="secondary"
        @click="drop"
      />
      <Button label="Cancel" size="small" severity="secondary" @click="emit('closed')" />
    </div>
    <ProblemNote class="wide" :text="submission.sentence.value" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(8rem, 1fr));
  gap: 0.6rem;
  align-items: start;
  padding: 0.6rem 0;
}

form :deep(.p-inputtext) {
  width: 100%;
}

.buttons {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

.wide {
  grid-column: 1 / -1;
}
</style>
