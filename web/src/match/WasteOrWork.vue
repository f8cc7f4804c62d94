<script setup lang="ts">
import { useDebounceFn } from "@vueuse/core";
import Slider from "primevue/slider";
import { ref, watch } from "vue";
import { lessWorkAt, placeOf, wastePlaces } from "./argue.ts";

/** What matters more, from least waste to least work. It is planned again once the hand rests. */
const model = defineModel<number>({ required: true });
const place = ref(placeOf(model.value));
watch(model, (to) => (place.value = placeOf(to)));
const settle = useDebounceFn(() => (model.value = lessWorkAt(place.value)), 400);
function moved(to: number | number[]): void {
  place.value = Array.isArray(to) ? (to[0] ?? 0) : to;
  void settle();
}
</script>

<template>
  <div class="slider">
    <span class="small soft" aria-hidden="true">Least waste</span>
    <Slider
      :model-value="place"
      :min="0"
      :max="wastePlaces.length - 1"
      :step="1"
      aria-label="From least waste to least work"
      data-testid="waste-or-work"
      @update:model-value="moved"
    />
    <span class="small soft" aria-hidden="true">Least work</span>
  </div>
</template>

<style scoped>
.slider {
  display: grid;
  grid-template-columns: max-content minmax(5rem, 12rem) max-content;
  gap: 0.9rem;
  align-items: center;
  min-height: 2.75rem;
}
</style>
