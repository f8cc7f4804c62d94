<script setup lang="ts">
import type { TimesOfFood } from "@apron/contract";
import { useQuery } from "@pinia/colada";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { call } from "../client/api.ts";
import { labelled } from "../ui/labelled.ts";
import { showSpans } from "../ui/spans.ts";
import { cookedWords, tookWords } from "./cook-time-words.ts";

/** How long cooking an ingredient really took here, beside the handbook's times; nothing where it was never timed. */
const props = defineProps<{ ingredient: string }>();
const { data: times } = useQuery({
  key: () => ["cook-times", props.ingredient],
  query: () => call("cookTimesOf", { params: { id: props.ingredient } }),
});
</script>

<template>
  <section
    v-if="times && times.length > 0"
    class="card"
    aria-labelledby="cook-times"
    data-testid="cook-times"
  >
    <h2 id="cook-times">How long it cooks here</h2>
    <p class="soft small">From “done” and “not yet” while cooking along.</p>
    <DataTable :value="times" size="small" class="stacks">
      <Column v-bind="labelled('How')">
        <template #body="{ data }: { data: TimesOfFood }">{{ cookedWords(data.food) }}</template>
      </Column>
      <Column v-bind="labelled('Took')">
        <template #body="{ data }: { data: TimesOfFood }">{{ tookWords(data) }}</template>
      </Column>
      <Column v-bind="labelled('Expect next time')">
        <template #body="{ data }: { data: TimesOfFood }">
          <b v-if="data.expected" class="figure">{{ showSpans(data.expected) }}</b>
          <span v-else class="soft">depends on the recipe</span>
        </template>
      </Column>
      <Column v-bind="labelled('Handbook')">
        <template #body="{ data }: { data: TimesOfFood }">
          <span class="soft">{{ data.said ? showSpans(data.said) : "no time" }}</span>
        </template>
      </Column>
    </DataTable>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.4rem;
}
</style>
