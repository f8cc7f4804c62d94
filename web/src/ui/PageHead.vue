<script setup lang="ts">
/** A page's title, one line on what it is, and its actions at the right. */
defineProps<{ title: string; lead?: string }>();
</script>

<template>
  <header class="head">
    <div class="title">
      <h1>{{ title }}</h1>
      <p v-if="lead" class="soft">{{ lead }}</p>
    </div>
    <div class="acts"><slot /></div>
  </header>
</template>

<style scoped>
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.6rem 1.5rem;
  align-items: end;
  margin-bottom: 1.1rem;
}

.acts {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  justify-content: end;
}

.acts:empty {
  display: none;
}

@media (max-width: 820px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }

  .acts {
    flex-wrap: wrap;
    justify-content: start;
  }
}
</style>
