<script setup lang="ts">
import ProblemNote from "../ui/ProblemNote.vue";

/** Answers that were asked for once and are kept for the kitchen, a row each. */
defineProps<{ id: string; title: string; answers: number; whenNone: string; problem: string | undefined }>();
</script>

<template>
  <section class="card" :aria-labelledby="id">
    <h2 :id="id">{{ title }}</h2>
    <p v-if="answers === 0" class="soft">{{ whenNone }}</p>
    <ul>
      <slot />
    </ul>
    <ProblemNote :text="problem" />
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.7rem;
}

ul > :slotted(li) {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  align-items: center;
}
</style>
