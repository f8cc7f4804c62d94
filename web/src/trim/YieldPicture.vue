<script setup lang="ts">
import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import { computed } from "vue";
import LaneChart from "../ui/LaneChart.vue";
import { counted } from "../ui/plural.ts";
import { useThemeColour } from "../ui/theme-colour.ts";
import { yieldPicture } from "./yield-picture.ts";

/** A yield against the handbook's band and this kitchen's own weighings; the table of weighings says the same. */
const props = defineProps<{ method: TrimMethod; now: number | undefined }>();
const named = {
  handbook: useThemeColour("--chart-book"),
  expected: useThemeColour("--chart-own"),
  dot: useThemeColour("--ink"),
  ring: useThemeColour("--card"),
  now: useThemeColour("--now"),
};
const picture = computed(() =>
  yieldPicture(props.method, props.now, {
    handbook: named.handbook.value,
    expected: named.expected.value,
    dot: named.dot.value,
    ring: named.ring.value,
    now: named.now.value,
  }),
);
const spoken = computed(() => {
  const { handbook, next, ownWeighings } = props.method;
  const now = props.now === undefined ? "" : ` This weighing: ${showYield(props.now)}.`;
  return `Handbook: ${showYield(handbook.low)} to ${showYield(handbook.high)}. Your estimate: ${showYield(next.low)} to ${showYield(next.high)}, from ${counted(ownWeighings, "weighing")}.${now}`;
});
</script>

<template>
  <LaneChart :picture="picture" :spoken="spoken" height="9.2rem">
    <figcaption class="figure" :class="{ live: now !== undefined }" data-testid="live-yield">
      {{ now === undefined ? `estimate ${showYield(method.next.value)}` : `now ${showYield(now)}` }}
    </figcaption>
  </LaneChart>
</template>

<style scoped>
figcaption {
  order: -1;
  justify-self: end;
  margin-bottom: -0.3rem;
  padding-inline-end: 0.3rem;
  color: var(--soft-ink);
}

figcaption.live {
  color: var(--now);
}
</style>
