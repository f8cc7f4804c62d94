<script setup lang="ts">
import type { CookingPlaces } from "@apron/contract";
import Checkbox from "primevue/checkbox";
import NumberBox from "../ui/NumberBox.vue";

/** What there is to cook with: oven, hob, grill and fridge. `id` tells the fields of two such forms apart. */
const props = defineProps<{ id: string; places: CookingPlaces }>();
const emit = defineEmits<{ changed: [to: CookingPlaces] }>();
const set = (to: Partial<CookingPlaces>): void => emit("changed", { ...props.places, ...to });
</script>

<template>
  <div class="fields">
    <NumberBox
      :id="`${id}-trays`"
      :model-value="places.trays"
      label="Trays in the oven (0: no oven)"
      needed
      @update:model-value="set({ trays: $event })"
    />
    <NumberBox
      :id="`${id}-rings`"
      :model-value="places.rings"
      label="Rings on the hob"
      needed
      @update:model-value="set({ rings: $event })"
    />
    <NumberBox
      :id="`${id}-shelves`"
      :model-value="places.shelves"
      label="Free shelves in the fridge"
      needed
      @update:model-value="set({ shelves: $event })"
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
