<script setup lang="ts">
import { ref } from "vue";
import FigureLine from "./FigureLine.vue";
import type { FigureSection } from "./figure-rows.ts";
import OwnFigureForm from "./OwnFigureForm.vue";

defineProps<{ section: FigureSection; ingredient: string }>();
const adding = ref(false);
</script>

<template>
  <section class="card" :aria-labelledby="`figures-${section.table}`">
    <header>
      <h2 :id="`figures-${section.table}`">
        {{ section.title }} <span v-if="section.unit" class="soft unit">{{ section.unit }}</span>
      </h2>
      <button v-if="section.open && !adding" type="button" @click="adding = true">Add one of ours</button>
    </header>
    <ul>
      <FigureLine
        v-for="row in section.rows"
        :key="`${row.key}/${row.about}`"
        :row="row"
        :ingredient="ingredient"
      />
    </ul>
    <p v-if="section.rows.length === 0 && !adding" class="soft small">Nothing is known yet.</p>
    <OwnFigureForm v-if="adding" :ingredient="ingredient" :table="section.table" @done="adding = false" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.4rem;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 1rem;
}

.unit {
  font: 500 0.875rem var(--figures);
}

button {
  min-height: 32px;
  padding: 0;
  font: inherit;
  font-size: 0.875rem;
  font-weight: 600;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

@media (pointer: coarse) {
  button {
    min-height: 44px;
  }
}
</style>
