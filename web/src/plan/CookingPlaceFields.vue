<script setup lang="ts">
import type { CookingPlaces } from "@apron/contract";
import Checkbox from "primevue/checkbox";
import NumberBox from "../ui/NumberBox.vue";

/** What there is to cook with: oven, hob, grill and fridge. `id` tells the fields of two such forms apart. */
const props = defineProps<{ id: string; places: CookingPlaces }>();
const emit = defineEmits<{ changed: [to: CookingPlaces] }>();
const set = (to: Partial<CookingPlaces>): void => emit("changed", { ...props.places, ...to });
const counts = [
  ["trays", "Trays in the oven (0: no oven)"],
  ["rings", "Rings on the hob"],
  ["shelves", "Free shelves in the fridge"],
] as const;
</script>

<template>
  <div class="fields">
    <NumberBox
      v-for="[place, label] in counts"
      :id="`${id}-${place}`"
      :key="place"
      :model-value="places[place]"
      :label="label"
      needed
      @update:model-value="set({ [place]: $event })"
    />
    <label class="check">
      <Checkbox
        :model-value="places.hasGrill"
        binary
        :input-id="`${id}-grill`"
        @update:model-value="set({ hasGrill: $event })"
      />
      There is a grill
    </label>
    <label v-if="places.hasGrill" class="check">
      <Checkbox
        :model-value="places.isCharcoal"
        binary
        :input-id="`${id}-charcoal`"
        @update:model-value="set({ isCharcoal: $event })"
      />
      It is lit with charcoal
    </label>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

.check {
  display: flex;
  align-items: center;
  gap: 0.5rem;
  min-height: 44px;
}
</style>
