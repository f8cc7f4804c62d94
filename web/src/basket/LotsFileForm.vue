<script setup lang="ts">
import type { LotsImported } from "@apron/contract";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSubmit } from "../app/use-submit.ts";
import { sentenceFor } from "../app/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";

const notices = useNotices();
const { pending, submit, sentenceAt, sentence, forget } = useSubmit<LotsImported>(["csv"]);
const csv = ref("");
const fileName = ref("");
const read = ref<LotsImported>();
const shownFaults = 60;

async function chosen(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement;
  const file = input.files?.[0];
  if (!file) return;
  forget();
  read.value = undefined;
  fileName.value = file.name;
  csv.value = await file.text();
  const body = { id: crypto.randomUUID(), csv: csv.value, dryRun: true };
  read.value = await submit((key) => call("importLots", { body }, key));
  input.value = "";
}
async function takeIn(): Promise<void> {
  const body = { id: crypto.randomUUID(), csv: csv.value };
  const done = await submit((key) => call("importLots", { body }, key));
  if (!done) return;
  notices.say({
    text: `${done.accepted} rows of ${fileName.value} logged${done.faults.length > 0 ? `, ${done.faults.length} left out` : ""}.`,
    undo: () => call("undoIntake", { params: { id: done.id } }),
  });
  read.value = undefined;
}
const faults = computed(() => read.value?.faults.slice(0, shownFaults) ?? []);
</script>

<template>
  <div class="file">
    <FieldFrame
      label="A CSV file of lots"
      for="lots-file"
      :problem="sentenceAt('csv')"
      hint="First row: item, amount; also came_in, source, note, place, grade, price, price_per, best_before."
    >
      <input id="lots-file" type="file" accept=".csv,text/csv,text/plain" @change="chosen" />
    </FieldFrame>
    <p v-if="pending" class="soft">Reading…</p>
    <p v-if="sentence" class="wrong" role="alert">{{ sentence }}</p>
    <template v-if="read">
      <p>
        <b class="figure">{{ read.accepted }}</b>
        {{ read.accepted === 1 ? "row is" : "rows are" }} right<template v-if="read.faults.length > 0"
          >, <b class="figure wrong">{{ read.faults.length }}</b> cannot go in:</template
        >.
      </p>
      <ul v-if="faults.length > 0" class="faults" aria-label="Rows that cannot go in">
        <li v-for="fault in faults" :key="fault.line">
          <b>Line {{ fault.line }}, {{ fault.column.replaceAll("_", " ") }}</b>
          <span v-if="fault.text"> “{{ fault.text }}”</span>: {{ sentenceFor(fault.issue) }}
        </li>
        <li v-if="read.faults.length > shownFaults" class="soft">
          and {{ read.faults.length - shownFaults }} more.
        </li>
      </ul>
      <Button
        v-if="read.accepted > 0"
        :label="`Take in ${read.accepted} ${read.accepted === 1 ? 'row' : 'rows'}`"
        :loading="pending"
        @click="takeIn"
      />
    </template>
    <p class="out"><a href="/api/lots.csv" download="lots.csv">Download all lots as a CSV file</a></p>
  </div>
</template>

<style scoped>
.file {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

input {
  min-height: 44px;
  font: inherit;
  color: var(--ink);
  max-width: 100%;
}

input::file-selector-button {
  min-height: 44px;
  margin-inline-end: 0.7rem;
  padding: 0 1rem;
  font: inherit;
  font-weight: 600;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--p-linen-500);
  border-radius: var(--p-border-radius-md);
  cursor: pointer;
}

.faults {
  display: grid;
  gap: 0.35rem;
  max-height: 16rem;
  overflow-y: auto;
  padding: 0.5rem 0.7rem;
  font-size: 0.875rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

.wrong {
  color: var(--now);
  font-weight: 600;
}

.out {
  padding-top: 0.6rem;
  border-top: 1px solid var(--line);
}
</style>
