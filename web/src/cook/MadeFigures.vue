<script setup lang="ts">
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import type { MadeFigures } from "@apron/core/cook";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { showMoney } from "../ui/money.ts";
import { counted } from "../ui/plural.ts";

/** What follows from what goes in, as it is typed: the portion, its salt, what it costs. */
const props = defineProps<{ figures: MadeFigures; servings: number }>();
const session = useSession();
const portions = computed(
  () =>
    `${counted(Math.round(props.servings * 10) / 10, "portion")} of about ${showGrams(props.figures.portionG, session.display)}`,
);
const salt = computed(() => {
  const { grams, share, unknown } = props.figures.salt;
  const known = `${trimmedDecimals(grams, 1)} g, ${trimmedDecimals(share * 100, 1)} % of it`;
  return unknown.length > 0 ? `${known}, and what is in ${unknown.join(", ")}` : known;
});
const cost = computed(() => {
  const { batchMinor, portionMinor, unpriced } = props.figures.cost;
  if (batchMinor === null || portionMinor === null) return "no price known";
  const without = unpriced.length > 0 ? `, without ${unpriced.join(", ")}` : "";
  return `${showMoney(batchMinor, session.currency)}, ${showMoney(portionMinor, session.currency)} a portion, own produce free${without}`;
});
</script>

<template>
  <dl class="made small" data-testid="made-figures">
    <div>
      <dt>Portions</dt>
      <dd data-testid="portions">{{ portions }}</dd>
    </div>
    <div>
      <dt>Salt</dt>
      <dd data-testid="salt">{{ salt }}</dd>
    </div>
    <div>
      <dt>Cost</dt>
      <dd data-testid="cost">{{ cost }}</dd>
    </div>
  </dl>
</template>

<style scoped>
.made {
  display: grid;
  gap: 0.2rem;
}

.made div {
  display: grid;
  grid-template-columns: 4.6rem 1fr;
}

dt {
  color: var(--soft-ink);
}
</style>
