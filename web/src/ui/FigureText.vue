<script setup lang="ts">
import { computed } from "vue";

const props = defineProps<{ text: string; size?: "big" | "middle" }>();

/** Splits "1 lb 4 oz" into numbers and units, so that the unit can stand smaller. */
const pieces = computed(() => props.text.split(/(\d[\d.,]*)/).filter((piece) => piece !== ""));
</script>

<template>
  <span class="figure" :class="size ?? 'middle'">
    <span v-for="(piece, i) in pieces" :key="i" :class="/\d/.test(piece) ? 'number' : 'unit'">{{
      piece
    }}</span>
  </span>
</template>

<style scoped>
.big .number {
  font-size: 2.4rem;
}

.middle .number {
  font-size: 1.3rem;
}

.unit {
  font-size: 0.9em;
  font-weight: 500;
  color: var(--soft-ink);
  white-space: pre;
}
</style>
