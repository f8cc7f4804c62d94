<script setup lang="ts">
import type { TrimMethod, TrimOptions } from "@apron/contract";
import { ref } from "vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import ComparePrices from "./ComparePrices.vue";
import PurchaseCard from "./PurchaseCard.vue";
import ThenCooked from "./ThenCooked.vue";
import WeighingsTable from "./WeighingsTable.vue";

/** What the same yields answer beside the weighing: planning, prices, cooking, and every weighing behind them. */
defineProps<{ options: TrimOptions; method: TrimMethod; rawG: number }>();
const views = [
  { value: "plan", label: "Plan" },
  { value: "prices", label: "Compare prices" },
  { value: "cooked", label: "Then cooked" },
  { value: "weighings", label: "Weighings" },
] as const;
const view = ref<(typeof views)[number]["value"]>("plan");
</script>

<template>
  <section class="card more" aria-label="From the same yields">
    <ChoiceButtons v-model="view" label="From the same yields" :choices="views" />
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
  </section>
</template>

<style scoped>
.more {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}
</style>
