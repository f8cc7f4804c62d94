<script setup lang="ts">
import type { TrimMethod, TrimOptions } from "@apron/contract";
import { ref } from "vue";
import TabSet from "../ui/TabSet.vue";
import ComparePrices from "./ComparePrices.vue";
import PurchaseCard from "./PurchaseCard.vue";
import ThenCooked from "./ThenCooked.vue";
import WeighingsTable from "./WeighingsTable.vue";

/** What the same yields answer beside the weighing: planning, prices, cooking, and every weighing behind them. */
defineProps<{ options: TrimOptions; method: TrimMethod; rawG: number }>();
const tabs = [
  { value: "plan", label: "Plan amounts" },
  { value: "prices", label: "Compare prices" },
  { value: "cooked", label: "After cooking" },
  { value: "weighings", label: "Weighings" },
] as const;
const view = ref<(typeof tabs)[number]["value"]>("plan");
</script>

<template>
  <section class="card more" aria-label="More from these yields" data-testid="trim-more">
    <TabSet v-model="view" :tabs="tabs">
      <PurchaseCard
        v-if="view === 'plan'"
        :ingredient="options.lot.ingredient"
        :name="options.lot.name"
        :method="method.method"
        :grade="options.lot.grade"
      />
      <ComparePrices
        v-else-if="view === 'prices'"
        :ingredient="options.lot.ingredient"
        :method="method.method"
      />
      <ThenCooked v-else-if="view === 'cooked'" :options="options" :method="method" :raw-g="rawG" />
      <WeighingsTable v-else :method="method" />
    </TabSet>
  </section>
</template>

<style scoped>
.more {
  padding-top: 0.3rem;
}
</style>
