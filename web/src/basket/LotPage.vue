<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay, showInstant } from "../ui/dates.ts";
import FigureText from "../ui/FigureText.vue";
import { showMoney } from "../ui/money.ts";
import PageHead from "../ui/PageHead.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import { useGoneOff } from "./use-gone-off.ts";

const props = defineProps<{ id: string }>();
const router = useRouter();
const session = useSession();
const goneOff = useGoneOff();
const { data: lot, error } = useQuery({
  key: () => ["lot", props.id],
  query: () => call("getLot", { params: { id: props.id } }),
});
const kinds: Readonly<Record<string, string>> = {
  received: "came in",
  "from-trim": "from the trim bench",
  "by-product": "came off in trimming",
  returned: "opened, put back",
  trimmed: "trimmed",
  used: "used",
  composted: "composted",
  spoiled: "spoiled",
  corrected: "corrected",
};
const origin = computed(() => {
  const one = lot.value;
  if (!one) return "";
  const price = one.priceMinor === null ? "" : showMoney(one.priceMinor, session.currency);
  return [one.source.kind.replace("-", " "), one.source.note, one.grade, price, `since ${showDay(one.since)}`]
    .filter(Boolean)
    .join(" · ");
});
const freshnessWorkings = computed(() =>
  lot.value
    ? `${lot.value.freshness.reason} → ${showDay(lot.value.freshness.spoilsOn)} (${lot.value.freshness.source})`
    : "",
);
const signed = (grams: number): string =>
  `${grams > 0 ? "+" : "−"}${showGrams(Math.abs(grams), session.display)}`;
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="lot">
    <PageHead :title="lot.name" :lead="origin">
      <div class="acts">
        <Button
          v-if="lot.state === 'raw' && lot.grams > 0"
          label="Trim it"
          @click="router.push(`/trim/${lot.id}`)"
        />
        <Button v-if="lot.grams > 0" label="Gone off" severity="secondary" @click="goneOff(lot)" />
      </div>
    </PageHead>
    <div class="columns">
      <section class="card">
        <h2>On hand</h2>
        <FigureText :text="showGrams(lot.grams, session.display)" size="big" />
        <p>
          <BandMark
            :band="lot.freshness.band"
            :days-left="lot.freshness.daysLeft"
            :cold="lot.place === 'freezer'"
          />
        </p>
        <WorkingsNote :text="freshnessWorkings" />
        <ul class="cautions">
          <li v-for="c in lot.cautions" :key="c.text">
            {{ c.text }}
            <span class="soft small">{{ c.source }}. Follow your local authority's guidance.</span>
          </li>
        </ul>
      </section>
      <section class="card">
        <h2>Its ledger</h2>
        <table>
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">What</th>
              <th scope="col">Who</th>
              <th scope="col" class="right">Grams</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="e in lot.entries" :key="e.id">
              <td>{{ showInstant(e.at) }}</td>
              <td>
                {{ kinds[e.kind] ?? e.kind }}<span v-if="e.reason" class="soft small"> · {{ e.reason }}</span>
              </td>
              <td>{{ e.by }}</td>
              <td class="right figure">{{ signed(e.effectG) }}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 20rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}

.acts {
  display: flex;
  gap: 0.5rem;
}

section {
  display: grid;
  gap: 0.6rem;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.95rem;
}

th,
td {
  padding: 0.4rem 0.5rem;
  text-align: left;
  border-bottom: 1px solid var(--line);
}

.right {
  text-align: right;
  white-space: nowrap;
}

.cautions {
  display: grid;
  gap: 0.5rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
