<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import { useNotices } from "../../client/notices.ts";
import { useSession } from "../../client/session.ts";
import { useSubmit } from "../../client/use-submit.ts";
import { showInstant } from "../../ui/dates.ts";
import { labelled } from "../../ui/labelled.ts";
import ProblemNote from "../../ui/ProblemNote.vue";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const notices = useNotices();
type Row = LotDetail["entries"][number];
const kinds: Readonly<Record<string, string>> = {
  received: "received",
  "from-trim": "from trimming",
  "by-product": "by-product of trimming",
  returned: "opened, put back",
  "split-from": "split from another lot",
  trimmed: "trimmed",
  used: "used",
  composted: "composted",
  spoiled: "spoiled",
  given: "given away",
  frozen: "frozen whole",
  "split-off": "split off",
  corrected: "corrected",
};
const kindOf = (row: Row): string => kinds[row.kind] ?? row.kind;
/** An undo says which movement it took back, by its kind. */
const reasonOf = ({ reason }: Row): string =>
  reason.replace(/^undone: ([\w-]+)$/, (_, kind: string) => `undone: ${kinds[kind] ?? kind}`);
const signed = (grams: number): string =>
  `${grams > 0 ? "+" : "−"}${showGrams(Math.abs(grams), session.display)}`;
const newestFirst = computed(() => props.lot.entries.toReversed());
const submission = useSubmit();
async function undo(id: string): Promise<void> {
  const done = await submission.submit("undoEntry", { params: { id } }, "Undo");
  if (done) notices.say({ text: "Undone. The history shows both entries." });
}
</script>

<template>
  <section class="card" aria-labelledby="lot-ledger" data-testid="lot-ledger">
    <h2 id="lot-ledger">History</h2>
    <ProblemNote :text="submission.sentence.value" />
    <DataTable :value="newestFirst" data-key="id" size="small" class="stacks">
      <Column field="at" v-bind="labelled('When')" sortable>
        <template #body="{ data }: { data: Row }">{{ showInstant(data.at) }}</template>
      </Column>
      <Column field="kind" v-bind="labelled('What')" sortable>
        <template #body="{ data }: { data: Row }">
          {{ kindOf(data) }}<span v-if="data.reason" class="soft small"> · {{ reasonOf(data) }}</span>
        </template>
      </Column>
      <Column field="by" v-bind="labelled('Who')" sortable />
      <Column field="effectG" v-bind="labelled('Amount')" sortable class="right">
        <template #body="{ data }: { data: Row }">
          <span class="figure">{{ signed(data.effectG) }}</span>
        </template>
      </Column>
      <Column class="right">
        <template #header><span class="visually-hidden">Actions</span></template>
        <template #body="{ data }: { data: Row }">
          <Button
            v-if="data.canUndo"
            label="Undo"
            data-testid="undo-entry"
            size="small"
            variant="text"
            :aria-label="`Undo: ${kindOf(data)} ${signed(data.effectG)}`"
            @click="undo(data.id)"
          />
        </template>
      </Column>
    </DataTable>
  </section>
</template>
