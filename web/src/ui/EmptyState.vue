<script setup lang="ts">
/** What a page is for while there is nothing on it, and the first thing to do. */
defineProps<{ text: string; title?: string; action?: string; to?: string }>();
</script>

<template>
  <div class="empty card">
    <h2 v-if="title">{{ title }}</h2>
    <p>{{ text }}</p>
    <div class="acts">
      <RouterLink v-if="action && to" :to="to">{{ action }}</RouterLink>
      <slot />
    </div>
  </div>
</template>

<style scoped>
.empty {
  display: grid;
  gap: 0.5rem;
  justify-items: start;
  border-style: dashed;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: center;
}

.acts:empty {
  display: none;
}
</style>
