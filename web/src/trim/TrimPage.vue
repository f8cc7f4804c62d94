<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import BandMark from "../ui/BandMark.vue";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import TrimBench from "./TrimBench.vue";

const props = defineProps<{ id?: string }>();
const router = useRouter();
const session = useSession();
const mostShown = 60;
const { data: page, status } = useQuery({
  key: ["lots", "raw"],
  query: () => call("listLots", { query: { state: "raw", limit: mostShown } }),
});
const lots = computed(() => page.value?.lots ?? []);
const lotId = computed(() => props.id || lots.value[0]?.id || "");
const {
  data: options,
  error,
  refetch,
} = useQuery({
  key: () => ["trim-options", lotId.value],
  query: () => call("trimOptions", { params: { id: lotId.value } }),
  enabled: () => lotId.value !== "",
});
// The list has come again: what can be done with a lot is asked again only while there is something left of it.
watch(page, () => {
  const isThere = lots.value.some((lot) => lot.id === lotId.value) || lots.value.length >= mostShown;
  if (options.value && isThere) void refetch();
});
</script>

<template>
  <PageHead title="Trim" lead="From raw to usable. Each weighing improves the next estimate." />
  <div class="columns">
    <nav aria-label="Lots to trim">
      <ul>
        <li v-for="lot in lots" :key="lot.id">
          <RouterLink :to="`/trim/${lot.id}`" :aria-current="lot.id === lotId ? 'true' : undefined">
            <span class="name">{{ [lot.name, lot.condition].filter(Boolean).join(", ") }}</span>
            <span class="figure">{{ showGrams(lot.grams, session.display) }}</span>
            <BandMark :band="lot.freshness.band" :days-left="lot.freshness.daysLeft" />
          </RouterLink>
        </li>
      </ul>
    </nav>
    <div>
      <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
      <TrimBench
        v-else-if="options"
        :key="options.lot.id"
        :options="options"
        @recorded="router.replace('/trim')"
      />
      <EmptyState
        v-else-if="status === 'success' && lots.length === 0"
        title="Nothing to trim"
        text="Raw lots from the basket appear here. Weigh what is left after trimming, and the estimates become your own."
        action="Log an item"
        to="/basket"
      />
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 15.5rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}

nav a {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0.15rem 0.5rem;
  align-items: center;
  padding: 0.5rem 0.7rem;
  color: inherit;
  text-decoration: none;
  border-radius: var(--p-border-radius-md);
  border-inline-start: 4px solid transparent;
}

nav a[aria-current="true"] {
  background: var(--card);
  border-inline-start-color: var(--action);
}

nav .mark {
  justify-self: start;
}

.name {
  font-weight: 600;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }

  nav {
    max-height: 12rem;
    overflow-y: auto;
  }
}
</style>
