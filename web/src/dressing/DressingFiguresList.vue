<script setup lang="ts">
import type { DressingFigures } from "@apron/core/dressing";
import { numberWriter, showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { showMoney } from "../ui/money.ts";

/** What a dressing comes to, figure by figure. */
const props = defineProps<{ figures: DressingFigures }>();
const session = useSession();
const written = (value: number, digits = 2): string =>
  numberWriter(session.display.locale, { maximumSignificantDigits: digits }).format(value);
const percent = (value: number): string =>
  `${numberWriter(session.display.locale, { maximumFractionDigits: 1 }).format(value)} %`;
const ratio = (value: number | null): string => (value === null ? "–" : `${written(value)} : 1`);
const rows = computed(() => {
  const f = props.figures;
  return [
    { term: "Oil to acid, as poured", value: ratio(f.oilToAcidPoured) },
    { term: "Oil to acid, by strength", value: ratio(f.oilToAcidEffective) },
    { term: "Salt", value: percent(f.saltPercent) },
    { term: "Sugar", value: percent(f.sugarPercent) },
    { term: "Sugar to acid", value: f.sugarToAcid === null ? "–" : `${written(f.sugarToAcid)} : 1` },
    {
      term: "Oil share",
      value: `${percent(Math.round(f.oilVolumeFraction * 100))}${f.thick ? ", thick" : ""}`,
    },
    { term: "Mustard per 100 ml", value: f.mustardPer100ml > 0 ? `${written(f.mustardPer100ml)} g` : "none" },
    { term: "Makes", value: `${written(f.ml, 3)} ml, ${showGrams(f.grams, session.display)}` },
    ...(f.costMinor === null
      ? []
      : [{ term: "Cost (price board)", value: showMoney(f.costMinor, session.currency) }]),
  ];
});
</script>

<template>
  <dl>
    <div v-for="row in rows" :key="row.term">
      <dt>{{ row.term }}</dt>
      <dd class="figure">{{ row.value }}</dd>
    </div>
  </dl>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9.5rem, 1fr));
  gap: 0.5rem 1rem;
}

dt {
  font-size: 0.85rem;
  color: var(--soft-ink);
}
</style>
