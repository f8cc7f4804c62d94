<script setup lang="ts">
import type { Lot } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import FigureText from "../ui/FigureText.vue";
import { showMoney } from "../ui/money.ts";
import PageHead from "../ui/PageHead.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import LotActs from "./acts/LotActs.vue";
import LotLedger from "./acts/LotLedger.vue";
import LotTrims from "./acts/LotTrims.vue";
import { lotFormWords, placeNames } from "./lot-draft.ts";
import { useGoneOff } from "./use-gone-off.ts";

const props = defineProps<{ id: string }>();
const router = useRouter();
const session = useSession();
const goneOff = useGoneOff();
const { data: lot, error } = useQuery({
  key: () => ["lot", props.id],
  query: () => call("getLot", { params: { id: props.id } }),
});
const origin = computed(() => {
  const one = lot.value;
  if (!one) return "";
  const price = one.priceMinor === null ? "" : showMoney(one.priceMinor, session.currency);
  const place = placeNames.find((p) => p.value === one.place)?.label.toLowerCase();
  return [
    lotFormWords(one),
    one.condition,
    one.grade,
    place && `in: ${place}`,
    one.source.kind.replace("-", " "),
    one.source.note,
    price,
    `since ${showDay(one.since)}`,
  ]
    .filter(Boolean)
    .join(" · ");
});
const freshnessWorkings = computed(() =>
  lot.value
    ? `${lot.value.freshness.reason} → ${showDay(lot.value.freshness.spoilsOn)} (${lot.value.freshness.source})`
    : "",
);
/** "about 3½ pieces of 500 g" */
const piecesWords = ({ left, eachG }: NonNullable<Lot["pieces"]>): string =>
  `about ${counted(left, "piece")} of ${showGrams(eachG, session.display)}`;
const label = computed(() => {
  const says = lot.value?.label;
  if (!says) return "";
  const grams = (name: string, value: number | null): string => (value === null ? "" : `${name} ${value} g`);
  const per100 = [grams("salt", says.saltG), grams("sugars", says.sugarsG), grams("acid", says.acidG)].filter(
    Boolean,
  );
  const contains = says.allergens.length > 0 ? `contains ${says.allergens.join(", ")}` : "";
  return [per100.length > 0 ? `${per100.join(", ")} in 100 g` : "", contains].filter(Boolean).join("; ");
});
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="lot">
    <PageHead :title="lot.name" :lead="origin">
      <div class="acts">
        <Button
          v-if="lot.untrimmed && lot.grams > 0"
          label="Trim"
          data-testid="trim-lot"
          @click="router.push(`/trim/${lot.id}`)"
        />
        <Button v-if="lot.grams > 0" label="Spoiled" severity="secondary" @click="goneOff(lot)" />
      </div>
    </PageHead>
    <div class="columns">
      <section class="card">
        <h2>In stock</h2>
        <FigureText :text="showGrams(lot.grams, session.display)" size="big" />
        <p v-if="lot.pieces && lot.grams > 0" class="small" data-testid="lot-pieces">
          {{ piecesWords(lot.pieces) }}
        </p>
        <p v-if="lot.grams > 0">
          <BandMark
            :band="lot.freshness.band"
            :days-left="lot.freshness.daysLeft"
            :cold="lot.place === 'freezer'"
          />
        </p>
        <WorkingsNote :text="freshnessWorkings" />
        <p v-if="lot.clothRefreshes > 0" class="soft small">
          Damp cloth refreshed {{ counted(lot.clothRefreshes, "time") }}.
        </p>
        <p v-if="label" class="small">The label says: {{ label }}.</p>
        <p v-if="lot.note" class="soft small">{{ lot.note }}</p>
        <p class="small">
          <RouterLink :to="`/handbook/${lot.ingredient}`">All reference data</RouterLink>
        </p>
        <ul class="cautions">
          <li v-for="c in lot.cautions" :key="c.text">
            {{ c.text }}
            <span class="soft small">{{ c.source }}. Follow your local authority's guidance.</span>
          </li>
        </ul>
      </section>
      <div class="work">
        <LotActs v-if="lot.grams > 0" :lot="lot" />
        <LotLedger :lot="lot" />
        <LotTrims v-if="lot.trims.length > 0" :lot="lot" />
      </div>
    </div>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 18rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}

.acts {
  display: flex;
  gap: 0.5rem;
}

section,
.work {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.6rem;
}

.work {
  gap: 1.2rem;
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
