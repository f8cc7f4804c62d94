<script setup lang="ts">
import "./dish-tones.css";

/** The letter that stands for a dish wherever the plan speaks of it, in the dish's own tone. */
defineProps<{ letter: string; title?: string }>();
</script>

<template>
  <span class="tag" :class="`dish-${letter}`" :title="title" aria-hidden="true">{{ letter }}</span>
</template>

<style scoped>
.tag {
  display: grid;
  flex: none;
  width: 1.6rem;
  height: 1.6rem;
  place-items: center;
  font-size: 0.8rem;
  font-weight: 700;
  color: var(--dish-ink);
  background: var(--dish);
  border: 1px solid var(--dish-edge);
  border-radius: 5px;
}
</style>
