<script setup lang="ts">
import type { Lot } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { useAcceptedPlan } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay } from "../ui/dates.ts";
import { unitsGlued } from "../ui/units-glued.ts";
import { lotFormWords, placeNames } from "./lot-draft.ts";

const props = defineProps<{ lot: Lot }>();
const session = useSession();
const place = computed(() => placeNames.find((p) => p.value === props.lot.place)?.label ?? props.lot.place);
const about = computed(() =>
  [
    props.lot.note || props.lot.source.note,
    props.lot.condition ?? "",
    props.lot.grade === "seconds" ? "seconds" : "",
    place.value.toLowerCase(),
  ]
    .filter(Boolean)
    .join(" · "),
);
const { data: accepted } = useAcceptedPlan();
/** "for Roast plate (Thu 3 Dec)": what of it a plan has reserved. */
const reserved = computed(() =>
  (accepted.value?.reservations ?? [])
    .filter((one) => one.lotId === props.lot.id)
    .map(({ grams, dish, day }) => {
      const all = grams > props.lot.grams - 1 ? "" : `${showGrams(grams, session.display)} `;
      return `${all}for ${dish}, ${showDay(day)}`;
    }),
);
const approx = computed(() => (props.lot.estimate ? "about " : ""));
</script>

<template>
  <article class="lot">
    <div class="what">
      <h2>
        <RouterLink :to="`/basket/${lot.id}`">{{ lot.name }}</RouterLink>
      </h2>
      <p class="small">
        <span class="name" :class="lot.state">{{ lotFormWords(lot) }}</span>
        <span class="soft">{{ about }}</span>
      </p>
      <p v-if="reserved.length > 0" class="small reserved" data-testid="lot-reserved">
        Kept {{ reserved.join("; ") }}
      </p>
    </div>
    <p class="figure grams">{{ approx }}{{ unitsGlued(showGrams(lot.grams, session.display)) }}</p>
    <BandMark
      :band="lot.freshness.band"
      :days-left="lot.freshness.daysLeft"
      :cold="lot.place === 'freezer'"
    />
    <div class="acts"><slot /></div>
  </article>
</template>

<style scoped>
.lot {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 7.6rem 8rem 8.8rem;
  align-items: center;
  gap: 0.2rem 0.6rem;
  padding: 0.45rem 0.2rem;
  border-bottom: 1px solid var(--line);
}

h2 {
  font-size: 1.05rem;
}

h2 a {
  color: inherit;
  text-decoration-color: var(--line);
}

.reserved {
  color: var(--action);
}

.grams {
  text-align: right;
  font-size: 1.1rem;
}

.name.raw {
  color: var(--soon);
}

.name.usable {
  color: var(--action);
}

.acts {
  display: flex;
  gap: 0.3rem;
  justify-content: end;
}

@media (max-width: 820px) {
  .lot {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
