<script setup lang="ts">
import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import WithdrawTrim from "../basket/acts/WithdrawTrim.vue";
import { showInstant } from "../ui/dates.ts";
import { labelled } from "../ui/labelled.ts";

/** What the picture shows, in rows; a wrong weighing is withdrawn here. */
const props = defineProps<{ method: TrimMethod }>();
type Row = { key: string; what: string; shown: string; fraction: number; when: string; trimId?: string };
const range = ({ low, high }: { low: number; high: number }): string =>
  `${showYield(low)}–${showYield(high)}`;
const rows = computed<Row[]>(() => {
  const { handbook, next, weighings } = props.method;
  return [
    {
      ...{ key: "handbook", what: "handbook", shown: range(handbook) },
      ...{ fraction: handbook.mean, when: handbook.source },
    },
    {
      ...{ key: "estimate", what: "your estimate", shown: range(next) },
      ...{ fraction: next.value, when: "9 weighings in 10" },
    },
    ...weighings.toReversed().map((w) => ({
      ...{ key: w.trimId, trimId: w.trimId, what: `weighed, ${w.grade}` },
      ...{ shown: showYield(w.fraction), fraction: w.fraction, when: showInstant(w.at) },
    })),
  ];
});
</script>

<template>
  <DataTable :value="rows" data-key="key" size="small" class="stacks">
    <Column field="what" v-bind="labelled('What')" sortable />
    <Column field="fraction" v-bind="labelled('Yield')" sortable class="right">
      <template #body="{ data }: { data: Row }">
        <span class="figure">{{ data.shown }}</span>
      </template>
    </Column>
    <Column field="when" v-bind="labelled('When, or source')" />
    <Column>
      <template #header><span class="visually-hidden">Actions</span></template>
      <template #body="{ data }: { data: Row }">
        <WithdrawTrim v-if="data.trimId" :trim-id="data.trimId" />
      </template>
    </Column>
  </DataTable>
</template>
