<script setup lang="ts">
import type { BatchView } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, ref } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { showDay } from "../ui/dates.ts";
import PickBox from "../ui/PickBox.vue";

/** This batch beside another of the same recipe, by the portion, with what was noted of both. */
const props = defineProps<{ batch: BatchView }>();
const session = useSession();
const other = ref("");
const { data: list } = useQuery({
  key: () => ["batches", props.batch.recipeId],
  query: () => call("listBatches", { query: { recipe: props.batch.recipeId } }),
});
const choices = computed(() =>
  (list.value?.batches ?? [])
    .filter(({ id, undoneAt }) => id !== props.batch.id && undoneAt === null)
    .map(({ id, madeOn, by, outputG }) => ({
      value: id,
      label: `${showDay(madeOn)}, ${by}, ${showGrams(outputG, session.display)}`,
    })),
);
const { data: compared, error } = useQuery({
  key: () => ["batches-compared", props.batch.id, other.value],
  query: () => call("compareBatches", { params: { id: props.batch.id }, query: { with: other.value } }),
  enabled: () => other.value !== "",
});
const show = (grams: number | null): string => (grams === null ? "–" : showGrams(grams, session.display));
</script>

<template>
  <section v-if="choices.length > 0" class="compare" aria-labelledby="compare">
    <h2 id="compare">Compare</h2>
    <PickBox
      id="compare-with"
      :choices="choices"
      name="Compare with another batch"
      placeholder="Choose another batch"
      @picked="other = $event"
    />
    <p v-if="error && other" role="alert">{{ sentenceOf(error) }}</p>
    <table v-if="compared" data-testid="batches-compared">
      <caption class="small soft">
        Weight in one portion
      </caption>
      <thead>
        <tr>
          <th scope="col">Ingredient</th>
          <th v-for="one in compared.batches" :key="one.id" scope="col">{{ showDay(one.madeOn) }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in compared.rows" :key="row.ingredient">
          <th scope="row">{{ row.name }}</th>
          <td v-for="(grams, i) in row.perPortion" :key="i" class="figure">{{ show(grams) }}</td>
        </tr>
        <tr>
          <th scope="row">Made in all</th>
          <td v-for="one in compared.batches" :key="one.id" class="figure">{{ show(one.outputG) }}</td>
        </tr>
        <tr>
          <th scope="row">Notes</th>
          <td v-for="one in compared.batches" :key="one.id" class="small">
            {{ [one.note, one.nextTime].filter(Boolean).join(" · ") || "–" }}
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.compare {
  display: grid;
  gap: 0.5rem;
}

h2 {
  font-size: 1.1rem;
}

table {
  width: 100%;
  border-collapse: collapse;
}

caption {
  text-align: start;
}

th,
td {
  padding: 0.3rem 0.4rem;
  font-weight: 400;
  text-align: right;
  border-bottom: 1px solid var(--line);
}

th:first-child {
  text-align: start;
}

thead th {
  font-weight: 600;
}
</style>
