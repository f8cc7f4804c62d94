<script setup lang="ts">
import { effectiveBand, positionInBand, type DressingStyle } from "@apron/core/dressing";
import { Chart, LinearScale, LineElement, PointElement, Tooltip, type ChartOptions } from "chart.js";
import { computed } from "vue";
import { Scatter } from "vue-chartjs";
import { ratioChart, ratioRange } from "./ratio-chart.ts";
import { useThemeColour } from "../ui/theme-colour.ts";

/** Where a dressing stands on the scale of oil to one of acid, as sharp as 5 % vinegar. */
Chart.register(LinearScale, LineElement, PointElement, Tooltip);
const props = defineProps<{ dressingStyle: DressingStyle; now: number | null }>();

const named = {
  band: useThemeColour("--chart-own"),
  dressingStyle: useThemeColour("--chart-book"),
  now: useThemeColour("--now"),
  text: useThemeColour("--soft-ink"),
  line: useThemeColour("--line"),
};
const data = computed(() =>
  ratioChart(props.dressingStyle, props.now, {
    band: named.band.value,
    dressingStyle: named.dressingStyle.value,
    now: named.now.value,
  }),
);
const lanes = ["", "all schools", "this school"];
const options = computed<ChartOptions<"scatter">>(() => {
  const [min, max] = ratioRange(props.dressingStyle, props.now);
  const text = named.text.value;
  const font = { family: "Inter Variable", size: 13 };
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    layout: { padding: { right: 16 } },
    plugins: {
      legend: { display: false },
      tooltip: {
        displayColors: false,
        callbacks: {
          label: ({ raw, parsed }) =>
            `${(raw as { name?: string }).name ?? ""} ${(parsed.x ?? 0).toFixed(1)} : 1`,
        },
      },
    },
    scales: {
      x: {
        min,
        max,
        ticks: { color: text, font, stepSize: 1, callback: (value) => `${value} : 1` },
        grid: { color: named.line.value },
        border: { display: false },
      },
      y: {
        min: 0.4,
        max: 2.6,
        afterBuildTicks: (axis) => (axis.ticks = [1, 2].map((value) => ({ value }))),
        ticks: { color: text, font, callback: (value) => lanes[Number(value)] ?? "" },
        grid: { display: false },
        border: { display: false },
      },
    },
  };
});
const place = computed(() => {
  if (props.now === null) return "Nothing sour in it: it has no place on the scale.";
  const words = { below: "sharper than", inside: "inside", above: "milder than" } as const;
  const band = effectiveBand(props.dressingStyle);
  return `${props.now.toFixed(1)} of oil to one of acid, ${words[positionInBand(props.now, band)]} the band of ${band.low.toFixed(1)} to ${band.high.toFixed(1)} of this school.`;
});
</script>

<template>
  <figure>
    <div class="plot">
      <Scatter :data="data" :options="options" role="img" :aria-label="place" />
    </div>
    <figcaption class="small" data-testid="ratio-place">{{ place }}</figcaption>
  </figure>
</template>

<style scoped>
figure {
  display: grid;
  margin: 0;
}

.plot {
  position: relative;
  min-width: 0;
  height: 7rem;
}
</style>
