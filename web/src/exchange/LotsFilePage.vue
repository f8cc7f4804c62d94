<script setup lang="ts">
import type { LotsImported } from "@apron/contract";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { sentenceFor } from "../client/words.ts";
import FileField from "../ui/FileField.vue";
import { labelled } from "../ui/labelled.ts";
import PageHead from "../ui/PageHead.vue";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import { useLotsFile } from "./use-lots-file.ts";

type Fault = LotsImported["faults"][number];
const router = useRouter();
const { checked, choose, importAll, pending, sentence, sentenceAt } = useLotsFile();
const shownFaults = 60;
const faults = computed(() => checked.value?.faults.slice(0, shownFaults) ?? []);
async function finish(): Promise<void> {
  if (await importAll()) await router.push("/basket");
}
</script>

<template>
  <PageHead title="Import lots" lead="From a CSV file. You see how it was read before anything is saved.">
    <Button label="Back to basket" severity="secondary" @click="router.push('/basket')" />
  </PageHead>
  <div class="file card">
    <FileField
      id="lots-file"
      label="CSV file"
      choose-label="Choose a file"
      accept=".csv,text/csv,text/plain"
      hint="First row: item, amount. Optional: came_in, source, note, place, grade, price, price_per, best_before."
      :problem="sentenceAt('csv')"
      @chosen="choose"
    />
    <p v-if="pending" class="soft" role="status">Reading…</p>
    <ProblemNote :text="sentence" />
    <template v-if="checked">
      <p role="status">
        {{ counted(checked.accepted, "row") }} can be imported<template v-if="checked.faults.length > 0"
          >, <b class="wrong">{{ counted(checked.faults.length, "row") }}</b> can't</template
        >.
      </p>
      <DataTable
        v-if="faults.length > 0"
        :value="faults"
        size="small"
        class="stacks"
        scrollable
        scroll-height="18rem"
      >
        <Column field="line" v-bind="labelled('Line')" sortable />
        <Column field="column" v-bind="labelled('Column')" sortable>
          <template #body="{ data }: { data: Fault }">{{ data.column.replaceAll("_", " ") }}</template>
        </Column>
        <Column field="text" v-bind="labelled('Text')" />
        <Column v-bind="labelled('Problem')">
          <template #body="{ data }: { data: Fault }">{{ sentenceFor(data.issue) }}</template>
        </Column>
      </DataTable>
      <p v-if="checked.faults.length > shownFaults" class="soft small">
        And {{ counted(checked.faults.length - shownFaults, "more row") }}.
      </p>
      <Button
        v-if="checked.accepted > 0"
        :label="`Import ${counted(checked.accepted, 'row')}`"
        data-testid="import-lots"
        :loading="pending"
        @click="finish"
      />
    </template>
    <p class="small">Download: <a href="/api/lots.csv" download="lots.csv">all lots as CSV</a></p>
  </div>
</template>

<style scoped>
.file {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
  justify-items: start;
}
</style>
