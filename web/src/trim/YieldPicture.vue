<script setup lang="ts">
import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import { Chart, LinearScale, LineElement, PointElement, Tooltip, type ChartOptions } from "chart.js";
import { computed } from "vue";
import { Scatter } from "vue-chartjs";
import { yieldChart, yieldRange, type YieldColours } from "./yield-chart.ts";
import { useThemeColour } from "../ui/theme-colour.ts";

/** A yield against the handbook's band and this kitchen's own weighings, on one axis; the table below says the same. */
Chart.register(LinearScale, LineElement, PointElement, Tooltip);

const props = defineProps<{ method: TrimMethod; now: number | undefined }>();

const named = {
  handbook: useThemeColour("--chart-book"),
  expected: useThemeColour("--chart-own"),
  dot: useThemeColour("--ink"),
  ring: useThemeColour("--card"),
  now: useThemeColour("--now"),
  text: useThemeColour("--soft-ink"),
  line: useThemeColour("--line"),
};
const colours = computed<YieldColours>(() => ({
  handbook: named.handbook.value,
  expected: named.expected.value,
  dot: named.dot.value,
  ring: named.ring.value,
  now: named.now.value,
}));
const data = computed(() => yieldChart(props.method, props.now, colours.value));
const lanes = ["", "your weighings", "you expect", "handbook"];

const options = computed<ChartOptions<"scatter">>(() => {
  const [min, max] = yieldRange(props.method);
  const text = named.text.value;
  const font = { family: "Inter Variable", size: 13 };
  return {
    animation: false,
    responsive: true,
    maintainAspectRatio: false,
    layout: { padding: { top: 4, right: 16 } },
    plugins: {
      legend: { display: false },
      tooltip: { displayColors: false, callbacks: { label: (item) => showYield(item.parsed.x ?? 0) } },
    },
    scales: {
      x: {
        min,
        max,
        ticks: { color: text, font, stepSize: 0.1, callback: (value) => showYield(Number(value)) },
        grid: { color: named.line.value },
        border: { display: false },
      },
      y: {
        min: 0.4,
        max: 3.6,
        afterBuildTicks: (axis) => (axis.ticks = [1, 2, 3].map((value) => ({ value }))),
        ticks: { color: text, font, callback: (value) => lanes[Number(value)] ?? "" },
        grid: { display: false },
        border: { display: false },
      },
    },
  };
});
const spoken = computed(() => {
  const { handbook, next, ownWeighings } = props.method;
  const now = props.now === undefined ? "" : ` This weighing: ${showYield(props.now)}.`;
  return `Handbook ${showYield(handbook.low)} to ${showYield(handbook.high)}; this kitchen expects ${showYield(next.low)} to ${showYield(next.high)} from ${ownWeighings} weighings.${now}`;
});
</script>

<template>
  <figure>
    <div class="plot">
      <Scatter :data="data" :options="options" role="img" :aria-label="spoken" />
    </div>
    <figcaption class="figure" :class="{ live: now !== undefined }" data-testid="live-yield">
      {{ now === undefined ? `expects ${showYield(method.next.value)}` : `now ${showYield(now)}` }}
    </figcaption>
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
  height: 9.2rem;
}

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
