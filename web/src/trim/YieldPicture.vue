<script setup lang="ts">
import type { TrimMethod } from "@apron/contract";
import { showYield } from "@apron/core/measure";
import { computed } from "vue";

const props = defineProps<{ method: TrimMethod; now: number | undefined }>();

const left = computed(() =>
  Math.max(0, Math.floor((Math.min(props.method.handbook.low, props.method.wide.low) - 0.05) * 10) / 10),
);
const right = computed(() => Math.max(1, Math.ceil(props.method.handbook.high * 10) / 10));
const at = (fraction: number): number => ((fraction - left.value) / (right.value - left.value)) * 100;
const bar = (low: number, high: number): { left: string; width: string } => ({
  left: `${at(low)}%`,
  width: `${at(high) - at(low)}%`,
});
const ticks = computed(() => {
  const count = Math.round((right.value - left.value) * 10);
  return Array.from({ length: count + 1 }, (_, i) => left.value + i / 10);
});
const inView = computed(() =>
  props.now === undefined ? undefined : Math.min(right.value, Math.max(left.value, props.now)),
);
const spoken = computed(() => {
  const { handbook, next, ownWeighings } = props.method;
  return `Handbook ${showYield(handbook.low)} to ${showYield(handbook.high)}; this kitchen expects ${showYield(next.low)} to ${showYield(next.high)} from ${ownWeighings} weighings.`;
});
</script>

<template>
  <figure role="img" :aria-label="spoken">
    <div class="plot" aria-hidden="true">
      <div class="lane">
        <span class="lane-name">handbook</span>
        <div class="track">
          <span class="band book" :style="bar(method.handbook.low, method.handbook.high)"></span>
        </div>
      </div>
      <div class="lane">
        <span class="lane-name">your kitchen</span>
        <div class="track">
          <span class="band own" :style="bar(method.next.low, method.next.high)"></span>
          <span
            v-for="(w, i) in method.weighings"
            :key="i"
            class="dot"
            :style="{ left: `${at(w.fraction)}%` }"
          ></span>
        </div>
      </div>
      <span
        v-if="inView !== undefined"
        class="now"
        :style="{ left: `calc(6.5rem + (100% - 6.5rem) * ${at(inView) / 100})` }"
      >
        <b class="figure">{{ showYield(now ?? 0) }}</b>
      </span>
      <div class="axis">
        <span v-for="t in ticks" :key="t" :style="{ left: `${at(t)}%` }">{{ t.toFixed(1) }}</span>
      </div>
    </div>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
}

.plot {
  position: relative;
  padding-top: 1.6rem;
}

.lane {
  display: grid;
  grid-template-columns: 6.5rem 1fr;
  align-items: center;
  height: 2rem;
}

.lane-name {
  font-size: 0.85rem;
  color: var(--soft-ink);
}

.track {
  position: relative;
  height: 100%;
  border-bottom: 1px dotted var(--line);
}

.band {
  position: absolute;
  top: 0.45rem;
  height: 1.1rem;
  border-radius: 4px;
}

.book {
  background: repeating-linear-gradient(135deg, var(--p-linen-400) 0 4px, var(--sunk) 4px 8px);
}

.own {
  background: var(--p-leaf-300);
}

.dot {
  position: absolute;
  top: 0.7rem;
  width: 0.6rem;
  height: 0.6rem;
  translate: -50% 0;
  background: var(--p-aubergine-700);
  border: 1.5px solid var(--p-linen-50);
  border-radius: 50%;
}

.now {
  position: absolute;
  top: 0;
  bottom: 1.4rem;
  border-inline-start: 2px solid var(--now);
}

.now b {
  position: absolute;
  top: -0.1rem;
  translate: -50% 0;
  padding: 0 0.3rem;
  color: var(--now);
  background: var(--card);
}

.axis {
  position: relative;
  height: 1.4rem;
  margin-inline-start: 6.5rem;
}

.axis span {
  position: absolute;
  translate: -50% 0;
  font-size: 0.75rem;
  color: var(--soft-ink);
}
</style>
