<script setup lang="ts">
defineProps<{ text: string }>();
</script>

<template>
  <details class="workings">
    <summary>How this came about</summary>
    <p>{{ text }}</p>
  </details>
</template>

<style scoped>
summary {
  width: fit-content;
  font-size: 0.875rem;
  color: var(--action);
  cursor: pointer;
}

p {
  margin-top: 0.35rem;
  padding: 0.5rem 0.7rem;
  font-size: 0.875rem;
  color: var(--ink);
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}
</style>
