<script setup lang="ts">
import type { Lot } from "@apron/contract";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import TextBox from "../ui/TextBox.vue";
import Select from "primevue/select";
import { refDebounced, useStorage } from "@vueuse/core";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useToday } from "../app/queries.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import BedList from "./BedList.vue";
import IntakeForm from "./IntakeForm.vue";
import LogLotForm from "./LogLotForm.vue";
import LotsFileForm from "./LotsFileForm.vue";
import LotRow from "./LotRow.vue";
import { useGoneOff } from "./use-gone-off.ts";

const router = useRouter();
const { data: today } = useToday();
const text = ref("");
const searched = refDebounced(text, 200);
const states = [
  { value: "all", label: "Everything" },
  { value: "raw", label: "To trim" },
  { value: "usable", label: "Ready" },
  { value: "by-product", label: "By-products" },
  { value: "opened", label: "Opened" },
] as const;
const state = ref<(typeof states)[number]["value"]>("all");
const ways = [
  { value: "one", label: "One thing" },
  { value: "several", label: "Several" },
  { value: "file", label: "File" },
] as const;
const way = useStorage<(typeof ways)[number]["value"]>("apron:basket-way", "one");
const views = [
  { value: "lots", label: "On hand" },
  { value: "beds", label: "Beds" },
] as const;
const view = ref<(typeof views)[number]["value"]>("lots");
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
function further(): void {
  const next = page.value?.next;
  if (next) cursors.value = [...cursors.value, next];
}
const lots = computed<Lot[]>(() => page.value?.lots ?? []);
const goneOff = useGoneOff();
</script>

<template>
  <PageHead title="Basket" lead="What came in, and what to use first." />
  <div class="columns">
    <section class="card log" aria-label="Log what came in">
      <ChoiceButtons v-model="way" label="How to log" :choices="ways" />
      <LogLotForm v-if="way === 'one'" :usual="today?.usual ?? []" details-open />
      <IntakeForm v-else-if="way === 'several'" :usual="today?.usual ?? []" />
      <LotsFileForm v-else />
    </section>
    <section v-if="view === 'beds'" aria-label="Beds">
      <ChoiceButtons v-model="view" label="What to look at" :choices="views" class="views" />
      <BedList />
    </section>
    <section v-else aria-label="Lots on hand">
      <div class="filters">
        <ChoiceButtons v-model="view" label="What to look at" :choices="views" class="views" />
        <TextBox v-model="text" placeholder="Find by any name" aria-label="Find a lot by any name" />
        <Select
          v-model="state"
          :options="[...states]"
          option-label="label"
          option-value="value"
          aria-label="Which lots"
        />
      </div>
      <LotRow v-for="lot in lots" :key="lot.id" :lot="lot">
        <Button
          v-if="lot.state === 'raw'"
          label="Trim"
          size="small"
          @click="router.push(`/trim/${lot.id}`)"
        />
        <Button
          label="Gone off"
          size="small"
          severity="secondary"
          :aria-label="`${lot.name} has gone off`"
          @click="goneOff(lot)"
        />
      </LotRow>
      <EmptyState
        v-if="status === 'success' && lots.length === 0"
        text="Nothing here. Weigh something in on the left and it stands here, the most urgent first."
      />
      <nav v-if="page?.next || cursors.length > 0" class="pages" aria-label="Pages of lots">
        <Button
          label="Back up"
          severity="secondary"
          :disabled="cursors.length === 0"
          @click="cursors = cursors.slice(0, -1)"
        />
        <p class="soft" role="status">page {{ cursors.length + 1 }}</p>
        <Button label="Further down" severity="secondary" :disabled="!page?.next" @click="further" />
      </nav>
    </section>
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

.views {
  margin-bottom: 0.2rem;
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
