<script setup lang="ts">
defineProps<{ title: string; lead?: string }>();
</script>

<template>
  <header class="head">
    <div>
      <h1>{{ title }}</h1>
      <p v-if="lead" class="soft">{{ lead }}</p>
    </div>
    <slot />
  </header>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  justify-content: space-between;
  gap: 0.6rem 1.5rem;
  margin-bottom: 1.1rem;
}
</style>
