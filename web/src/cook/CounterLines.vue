<script setup lang="ts">
import type { MakePart } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { goesIn } from "../recipes/piece-words.ts";
import { useCounter, type CookedDish } from "./use-dish-now.ts";

/** What a step takes, in this make: grams, how they are to be, and from which lot. */
const props = defineProps<{ dish: CookedDish; lineIds: readonly string[] }>();
const session = useSession();
const { data: plan } = useCounter(() => props.dish);
const fromWords = { lot: "from the basket", staple: "from the shelf", buy: "to buy" } as const;
const grams = (g: number): string => showGrams(g, session.display);
const sourceOf = ({ from, form, toDo }: MakePart): string =>
  [fromWords[from], form, toDo ? `still to do: ${toDo.words}` : ""].filter(Boolean).join(", ");
/** "4 eggs" says what it is already. */
const spoken = ({ name, pieces, whole }: MakePart, preparation: string): string =>
  [whole?.text.includes(name) ? "" : (pieces?.name ?? name), preparation].filter(Boolean).join(", ");
const rows = computed(() =>
  (plan.value?.lines ?? [])
    .filter(({ lineId }) => props.lineIds.includes(lineId))
    .flatMap(({ lineId, preparation, parts }) =>
      parts.map((part) => ({
        key: `${lineId} ${part.ingredient} ${part.lotId ?? ""}`,
        ...{ part, preparation, held: part.gradualAddition },
      })),
    ),
);
</script>

<template>
  <ul v-if="rows.length > 0" class="lines" data-testid="counter-lines">
    <li v-for="{ key, part, preparation, held } in rows" :key="key">
      <b class="figure">{{ part.pieces?.count ?? part.whole?.text ?? grams(part.grams) }}</b>
      <span>
        {{ spoken(part, preparation) }}
        <span class="soft small">
          <template v-if="part.pieces"> · {{ goesIn(part, part.pieces, session.display) }}</template>
          ·
          <RouterLink v-if="part.lotId" :to="`/basket/${part.lotId}`">{{
            sourceOf(part)
          }}</RouterLink><template v-else>{{ sourceOf(part) }}</template>
          <template v-if="held">
            · start with {{ grams(held.startG) }}, then {{ grams(held.stepG) }} at a time, at most
            {{ grams(held.mostG) }}</template
          >
        </span>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.lines {
  display: grid;
  gap: 0.15rem;
}

li {
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 0.7rem;
  font-size: 1.1rem;
}

b {
  text-align: right;
}
</style>
