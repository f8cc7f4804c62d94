<script setup lang="ts">
import type { BatchView } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { showDay, showInstant } from "../ui/dates.ts";
import { foundWords } from "./taste-words.ts";

/** What went in, what was tasted, where it is and who took what. */
const props = defineProps<{ batch: BatchView }>();
const session = useSession();
const grams = (g: number): string => showGrams(g, session.display);

const changeOf = (lineId: string): string => {
  const { swaps, joined } = props.batch.changes;
  if (joined.some((one) => one.id === lineId)) return "not in the recipe";
  return swaps.some((one) => one.lineId === lineId) ? "instead of what the recipe says" : "";
};
type Tasted = BatchView["tasted"][number];
const tastedWords = ({ name, grams: amount, found, isCold }: Tasted): string =>
  [
    amount === null ? `${name}, by eye` : `${grams(amount)} ${name}`,
    found ? `it was ${foundWords[found].toLowerCase()}` : "",
    isCold ? "tasted cold" : "",
  ]
    .filter(Boolean)
    .join(" · ");
const fateWords = {
  eaten: "eaten",
  given: "given away",
  discarded: "thrown away",
  undone: "undone",
} as const;
type Taken = BatchView["taken"][number];
const takenWords = (one: Taken): string =>
  `${grams(Math.abs(one.grams))} ${one.grams < 0 ? "put back" : fateWords[one.fate]}, ${one.by}`;
/** Containers alike stand on one line. */
const stored = computed(() => {
  const kept = props.batch.containers.filter(({ kind }) => kind !== "plate");
  const groups = new Map<string, typeof kept>();
  for (const one of kept) {
    const key = `${one.containerName} ${one.place} ${one.isPlain} ${one.remainingG}`;
    groups.set(key, [...(groups.get(key) ?? []), one]);
  }
  return [...groups].flatMap(([key, [first, ...more]]) => {
    if (!first) return [];
    const left = `${grams(first.remainingG)}${more.length > 0 ? " each" : ""}`;
    const words = `${more.length + 1} × ${first.containerName}`;
    return [{ key, first, words, left: first.remainingG > 0 ? left : "empty" }];
  });
});
</script>

<template>
  <section aria-labelledby="made-of">
    <h2 id="made-of">Made of</h2>
    <ul data-testid="made-of">
      <li v-for="(one, i) in batch.madeOf" :key="i">
        <span class="figure grams">{{ grams(one.grams) }}</span>
        <span>
          <RouterLink v-if="one.lotId" :to="`/basket/${one.lotId}`">{{ one.name }}</RouterLink>
          <template v-else>{{ one.name }}</template>
          <span v-if="changeOf(one.lineId)" class="small soft"> · {{ changeOf(one.lineId) }}</span>
        </span>
      </li>
    </ul>
  </section>
  <section v-if="batch.tasted.length > 0" aria-labelledby="tasted">
    <h2 id="tasted">Tasted and added</h2>
    <ul data-testid="tasted">
      <li v-for="one in batch.tasted" :key="`${one.at} ${one.name}`" class="said">
        <span class="soft small">{{ showInstant(one.at) }}</span><span>{{ tastedWords(one) }}</span>
      </li>
    </ul>
  </section>
  <section v-if="stored.length > 0" aria-labelledby="stored">
    <h2 id="stored">Stored</h2>
    <ul data-testid="stored">
      <li v-for="{ key, first, words, left } in stored" :key="key" class="said">
        <span>{{ words }}, {{ first.place }}{{ first.isPlain ? ", plain" : "" }}</span>
        <span>
          {{ left }}, use by {{ showDay(first.useBy) }} ·
          <RouterLink :to="`/label/${first.id}`">Label</RouterLink>
        </span>
      </li>
    </ul>
  </section>
  <section v-if="batch.apart.length > 0" aria-labelledby="kept-apart">
    <h2 id="kept-apart">Kept by itself</h2>
    <ul data-testid="kept-apart">
      <li v-for="one in batch.apart" :key="one.id">
        <span class="figure grams">{{ grams(one.outputG) }}</span>
        <RouterLink :to="`/batch/${one.id}`">{{ one.name }}</RouterLink>
      </li>
    </ul>
  </section>
  <section v-if="batch.taken.length > 0" aria-labelledby="taken">
    <h2 id="taken">Eaten and taken</h2>
    <ul data-testid="taken">
      <li v-for="(one, i) in batch.taken" :key="i" class="said">
        <span class="soft small">{{ showInstant(one.at) }}</span><span>{{ takenWords(one) }}</span>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h2 {
  font-size: 1.1rem;
}

li {
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 0.8rem;
  padding: 0.25rem 0;
  border-bottom: 1px solid var(--line);
}

.said {
  grid-template-columns: minmax(9rem, 0.6fr) minmax(0, 1fr);
}

.grams {
  text-align: right;
}
</style>
