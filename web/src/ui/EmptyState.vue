<script setup lang="ts">
defineProps<{ text: string; action?: string; to?: string }>();
</script>

<template>
  <div class="empty card">
    <p>{{ text }}</p>
    <RouterLink v-if="action && to" :to="to">{{ action }}</RouterLink>
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
  border-style: dashed;
}
</style>
