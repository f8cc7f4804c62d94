<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { useStorage } from "@vueuse/core";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FigureText from "../ui/FigureText.vue";
import { showMoney } from "../ui/money.ts";
import WorkingsNote from "../ui/WorkingsNote.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
const ways = [
  { value: "zero", label: "Own produce is free" },
  { value: "market", label: "Own produce at market value" },
] as const;
const own = useStorage<(typeof ways)[number]["value"]>("apron:own-produce", "zero");
const { data: cost, error } = useQuery({
  key: () => ["recipe-cost", props.id, own.value],
  query: () => call("costRecipe", { params: { id: props.id }, query: { own: own.value } }),
  placeholderData: (before) => before,
});
const money = (minor: number | null): string =>
  minor === null ? "–" : showMoney(minor, cost.value?.currency ?? session.currency);
const fromWords = { own: "own or given", paid: "paid", board: "price board" } as const;
</script>

<template>
  <ChoiceButtons v-model="own" label="What own produce counts" :choices="ways" />
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div v-if="cost" class="cost">
    <div class="figures">
      <p><span class="soft small">a batch</span> <FigureText :text="money(cost.batchMinor)" /></p>
      <p><span class="soft small">a portion</span> <FigureText :text="money(cost.portionMinor)" /></p>
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col">What</th>
          <th scope="col" class="right">How much</th>
          <th scope="col" class="right">100 g usable</th>
          <th scope="col" class="right">Costs</th>
          <th scope="col">By</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(part, i) in cost.parts" :key="i">
          <td class="name">{{ part.name }}</td>
          <td class="right figure">{{ showGrams(part.grams, session.display) }}</td>
          <td class="right figure">{{ money(part.per100gMinor) }}</td>
          <td class="right figure">{{ money(part.costMinor) }}</td>
          <td class="small soft">{{ fromWords[part.from] }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="cost.unpriced.length > 0" class="small">No price is known of {{ cost.unpriced.join(", ") }}.</p>
    <p class="small soft">
      Filled from what is on hand today; the rest by the simulated price board, whose prices are invented.
    </p>
    <WorkingsNote v-if="cost.workings" :text="cost.workings" />
  </div>
</template>

<style scoped>
.cost {
  display: grid;
  gap: 0.8rem;
  max-width: 52rem;
  margin-top: 1rem;
}

.figures {
  display: flex;
  gap: 2.5rem;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.35rem 0.5rem;
  text-align: left;
  border-bottom: 1px solid var(--line);
}

.right {
  text-align: right;
}
</style>
