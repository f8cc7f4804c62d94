<script setup lang="ts">
import type { IngredientDetail, OwnFigure } from "@apron/contract";
import Button from "primevue/button";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useForgetFigures } from "../app/queries.ts";
import { useSubmit } from "../app/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import TextBox from "../ui/TextBox.vue";
import type { FigureRow } from "./figure-rows.ts";

/** Sets the kitchen's own figure, or goes back to the handbook's. A row without a name asks for one. */
const props = defineProps<{
  ingredient: string;
  table: OwnFigure["table"];
  row?: FigureRow;
}>();
const emit = defineEmits<{ done: [] }>();
const forget = useForgetFigures();
const name = ref("");
const shown = (value: number | undefined): string => (value === undefined ? "" : String(value));
const value = ref(shown(props.row?.value));
const low = ref(shown(props.row?.low));
const high = ref(shown(props.row?.high));
const note = ref("");
const submission = useSubmit<IngredientDetail>(["value", "low", "high", "note", "key"]);
const id = `own-${props.table}-${props.row?.key ?? "new"}`;

const read = (text: string): number => (text.trim() === "" ? Number.NaN : Number(text.replace(",", ".")));
async function set(): Promise<void> {
  const typed = { value: read(value.value), low: read(low.value), high: read(high.value) };
  // One number is enough: without a range it is taken as certain.
  const figure = {
    ...typed,
    low: low.value.trim() === "" ? typed.value : typed.low,
    high: high.value.trim() === "" ? typed.value : typed.high,
  };
  for (const field of ["value", "low", "high"] as const)
    if (!Number.isFinite(figure[field])) {
      submission.refuse("wrong-type", field);
      return;
    }
  const key = props.row?.key ?? name.value.trim().toLowerCase().replaceAll(/\s+/g, "-");
  const body = { ingredient: props.ingredient, table: props.table, key, ...figure, note: note.value };
  if (!(await submission.submit((sent) => call("setFigure", { body }, sent)))) return;
  await forget();
  emit("done");
}
async function drop(): Promise<void> {
  const body = { ingredient: props.ingredient, table: props.table, key: props.row?.key ?? "" };
  if (!(await submission.submit((sent) => call("dropFigure", { body }, sent)))) return;
  await forget();
  emit("done");
}
</script>

<template>
  <form novalidate aria-label="Our own figure" @submit.prevent="set" @input="submission.forget">
    <FieldFrame v-if="!row" label="What" :for="`${id}-key`" :problem="submission.sentenceAt('key')">
      <TextBox :id="`${id}-key`" v-model="name" maxlength="60" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Usual" :for="`${id}-value`" :problem="submission.sentenceAt('value')">
      <TextBox :id="`${id}-value`" v-model="value" class="figure" inputmode="decimal" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Low" :for="`${id}-low`" :problem="submission.sentenceAt('low')">
      <TextBox :id="`${id}-low`" v-model="low" class="figure" inputmode="decimal" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="High" :for="`${id}-high`" :problem="submission.sentenceAt('high')">
      <TextBox :id="`${id}-high`" v-model="high" class="figure" inputmode="decimal" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="How you know" :for="`${id}-note`" :problem="submission.sentenceAt('note')">
      <TextBox
        :id="`${id}-note`"
        v-model="note"
        placeholder="weighed ten"
        maxlength="120"
        autocomplete="off"
      />
    </FieldFrame>
    <div class="buttons">
      <Button type="submit" label="Keep it" size="small" :loading="submission.pending.value" />
      <Button
        v-if="row?.own"
        label="Back to the handbook's"
        size="small"
        severity="secondary"
        @click="drop"
      />
      <Button label="Leave it" size="small" severity="secondary" @click="emit('done')" />
    </div>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
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

.wrong {
  grid-column: 1 / -1;
  font-weight: 600;
  color: var(--now);
}
</style>
