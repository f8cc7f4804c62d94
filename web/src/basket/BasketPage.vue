<script setup lang="ts">
import type { Lot } from "@apron/contract";
import { useQuery } from "@pinia/colada";
import { refDebounced, useStorage } from "@vueuse/core";
import Button from "primevue/button";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useToday } from "../client/queries.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TabSet from "../ui/TabSet.vue";
import TextBox from "../ui/TextBox.vue";
import BedList from "./BedList.vue";
import IntakeForm from "./IntakeForm.vue";
import LogLotForm from "./LogLotForm.vue";
import LotRow from "./LotRow.vue";
import { useGoneOff } from "./use-gone-off.ts";

const router = useRouter();
const { data: today } = useToday();
const text = ref("");
const searched = refDebounced(text, 200);
const states = [
  { value: "all", label: "All lots" },
  { value: "raw", label: "To trim" },
  { value: "usable", label: "Ready" },
  { value: "by-product", label: "By-products" },
  { value: "opened", label: "Opened" },
] as const;
const state = ref<(typeof states)[number]["value"]>("all");
const ways = [
  { value: "one", label: "One item" },
  { value: "several", label: "Several" },
] as const;
const way = useStorage<(typeof ways)[number]["value"]>("apron:basket-way", "one");
const tabs = [
  { value: "lots", label: "In stock" },
  { value: "beds", label: "Beds" },
] as const;
const view = ref<(typeof tabs)[number]["value"]>("lots");
const pageSize = 50;
/** Where each page after the first begins; the last one is shown. */
const cursors = ref<readonly string[]>([]);
watch([searched, state], () => (cursors.value = []));

const { data: page, status } = useQuery({
  key: () => ["lots", searched.value, state.value, cursors.value.at(-1) ?? ""],
  query: () =>
    call("listLots", {
      query: {
        text: searched.value,
        state: state.value === "all" ? undefined : state.value,
        limit: pageSize,
        after: cursors.value.at(-1),
      },
    }),
  placeholderData: (before) => before,
});
function next(): void {
  const further = page.value?.next;
  if (further) cursors.value = [...cursors.value, further];
}
const lots = computed<Lot[]>(() => page.value?.lots ?? []);
const isNarrowed = computed(() => searched.value !== "" || state.value !== "all");
const goneOff = useGoneOff();
</script>

<template>
  <PageHead title="Basket" lead="What came in, and what to use first.">
    <Button
      label="Import or export a file"
      severity="secondary"
      data-testid="lots-file-link"
      @click="router.push('/basket/import')"
    />
  </PageHead>
  <div class="columns">
    <section class="card log" aria-label="Log what came in" data-testid="log-panel">
      <ChoiceButtons v-model="way" label="How to log" :choices="ways" />
      <LogLotForm v-if="way === 'one'" :usual="today?.usual ?? []" details-open />
      <IntakeForm v-else :usual="today?.usual ?? []" />
    </section>
    <TabSet v-model="view" :tabs="tabs">
      <section v-if="view === 'lots'" aria-label="Lots in stock">
        <div class="filters">
          <TextBox
            v-model="text"
            placeholder="Find by any name"
            aria-label="Find a lot by any name"
            data-testid="find-lot"
          />
          <SelectBox id="lot-state" v-model="state" name="Which lots" :choices="states" />
        </div>
        <LotRow v-for="lot in lots" :key="lot.id" :lot="lot">
          <Button
            v-if="lot.untrimmed"
            label="Trim"
            size="small"
            :aria-label="`Trim ${lot.name}`"
            data-testid="trim-lot"
            @click="router.push(`/trim/${lot.id}`)"
          />
          <Button
            label="Spoiled"
            size="small"
            severity="secondary"
            :aria-label="`${lot.name} is spoiled`"
            @click="goneOff(lot)"
          />
        </LotRow>
        <EmptyState
          v-if="status === 'success' && lots.length === 0"
          :text="
            isNarrowed
              ? 'No lot matches this search.'
              : 'Log what you picked or bought on the left. It appears here, the most urgent first.'
          "
        />
        <nav v-if="page?.next || cursors.length > 0" class="pages" aria-label="Pages of lots">
          <Button
            label="Previous"
            severity="secondary"
            :disabled="cursors.length === 0"
            @click="cursors = cursors.slice(0, -1)"
          />
          <p class="soft" role="status">page {{ cursors.length + 1 }}</p>
          <Button label="Next" severity="secondary" :disabled="!page?.next" @click="next" />
        </nav>
      </section>
      <section v-else aria-label="Beds"><BedList /></section>
    </TabSet>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 23rem minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.log {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.9rem;
}

.pages {
  display: flex;
  gap: 0.8rem;
  align-items: center;
  margin-top: 0.8rem;
}

.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  margin-bottom: 0.4rem;
}

@media (max-width: 1100px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
