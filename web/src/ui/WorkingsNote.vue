<script setup lang="ts">
import FoldOut from "./FoldOut.vue";

/** How a figure was worked out, and where each part of it comes from. */
defineProps<{ text: string }>();
</script>

<template>
  <FoldOut title="How we got this" data-testid="workings" quiet class="workings">
    <p>{{ text }}</p>
  </FoldOut>
</template>

<style scoped>
p {
  padding: 0.5rem 0.7rem;
  font-size: 0.875rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}
</style>
