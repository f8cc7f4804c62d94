<script setup lang="ts">
import { mostMinutes, mostPeople, type MealPlanWish } from "@apron/contract";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";

/** A day that is not as usual: guests, a meal out, more or less time. Empty is as usual. */
type DayWish = MealPlanWish["perDay"][number];
defineProps<{ day: number; wish: DayWish }>();
const emit = defineEmits<{ change: [to: Partial<DayWish>] }>();
const people = (value: number | null): number | null =>
  value === null ? null : Math.min(mostPeople, Math.max(0, value));
const minutes = (value: number | null): number | null =>
  value === null ? null : Math.min(mostMinutes, Math.max(0, Math.round(value)));
</script>

<template>
  <FoldOut title="Guests and time" quiet :data-testid="`day-fields-${day}`">
    <div class="fields">
      <NumberBox
        :id="`people-${day}`"
        label="Who eats"
        :model-value="wish.people"
        @update:model-value="emit('change', { people: people($event) })"
      />
      <NumberBox
        :id="`minutes-${day}`"
        label="Minutes"
        :model-value="wish.minutes"
        @update:model-value="emit('change', { minutes: minutes($event) })"
      />
    </div>
  </FoldOut>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.6rem;
}
</style>
