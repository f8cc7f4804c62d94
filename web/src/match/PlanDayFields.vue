<script setup lang="ts">
import type { MealPlanWish } from "@apron/contract";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";
import { minutesWithin, peopleWithin } from "./argue.ts";

/** A day that is not as usual: guests, a meal out, more or less time. Empty is as usual. */
type DayWish = MealPlanWish["perDay"][number];
defineProps<{ day: number; wish: DayWish }>();
const emit = defineEmits<{ change: [to: Partial<DayWish>] }>();
</script>

<template>
  <FoldOut title="Guests and time" quiet :data-testid="`day-fields-${day}`">
    <div class="fields">
      <NumberBox
        :id="`people-${day}`"
        label="Who eats"
        :model-value="wish.people"
        @update:model-value="emit('change', { people: peopleWithin($event) })"
      />
      <NumberBox
        :id="`minutes-${day}`"
        label="Minutes"
        :model-value="wish.minutes"
        @update:model-value="emit('change', { minutes: minutesWithin($event) })"
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
