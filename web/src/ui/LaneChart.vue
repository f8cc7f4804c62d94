<script setup lang="ts">
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from "chart.js";
import { computed } from "vue";
import { Scatter } from "vue-chartjs";
import { laneData, laneOptions, type LanePicture } from "./lane-chart.ts";
import { useThemeColour } from "./theme-colour.ts";

/** Bands, dots and a marker on one axis, lane above lane; `spoken` says the same in words. */
Chart.register(LinearScale, LineElement, PointElement, Tooltip);
const props = defineProps<{ picture: LanePicture; spoken: string; height: string }>();
const text = useThemeColour("--soft-ink");
const line = useThemeColour("--line");
const data = computed(() => laneData(props.picture));
const options = computed(() => laneOptions(props.picture, { text: text.value, line: line.value }));
</script>

<template>
  <figure>
    <div class="plot" :style="{ blockSize: height }">
      <Scatter :data="data" :options="options" role="img" :aria-label="spoken" />
    </div>
    <slot />
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
}
</style>
