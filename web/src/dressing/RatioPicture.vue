<script setup lang="ts">
import { effectiveBand, positionInBand, type DressingStyle } from "@apron/core/dressing";
import { computed } from "vue";
import LaneChart from "../ui/LaneChart.vue";
import { useThemeColour } from "../ui/theme-colour.ts";
import { ratioPicture } from "./ratio-picture.ts";

/** Where a dressing is on the scale of oil to one of acid, counted as 5 % vinegar. */
const props = defineProps<{ dressingStyle: DressingStyle; now: number | null }>();
const band = useThemeColour("--chart-own");
const styles = useThemeColour("--chart-book");
const marker = useThemeColour("--now");
const picture = computed(() =>
  ratioPicture(props.dressingStyle, props.now, { band: band.value, styles: styles.value, now: marker.value }),
);
const place = computed(() => {
  if (props.now === null) return "There is no acid in it, so it has no place on the scale.";
  const words = { below: "sharper than", inside: "inside", above: "milder than" } as const;
  const { low, high } = effectiveBand(props.dressingStyle);
  return `${props.now.toFixed(1)} parts oil to 1 part acid by strength: ${words[positionInBand(props.now, { low, high })]} this style's band of ${low.toFixed(1)} to ${high.toFixed(1)}.`;
});
</script>

<template>
  <LaneChart :picture="picture" :spoken="place" height="7rem">
    <figcaption class="small" data-testid="ratio-place">{{ place }}</figcaption>
  </LaneChart>
</template>
