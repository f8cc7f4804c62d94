<script setup lang="ts">
import type { MealPlanWish } from "@apron/contract";
import { X } from "@lucide/vue";
import Button from "primevue/button";
import { dayName } from "./meal-plan-words.ts";

/** What the plan was told: dishes that are kept, and dishes that are left out, each to be taken back by itself. */
defineProps<{ wish: MealPlanWish; nameOf: (recipeId: string) => string }>();
const emit = defineEmits<{ release: [recipeId: string, day: number | null]; letIn: [recipeId: string] }>();
</script>

<template>
  <ul v-if="wish.keep.length + wish.without.length > 0" class="argued small" data-testid="argued">
    <li v-for="{ recipeId, day } in wish.keep" :key="`${recipeId} ${day}`">
      Kept<template v-if="day !== null"> on {{ dayName(day) }}</template
      >: {{ nameOf(recipeId) }}
      <Button
        text
        size="small"
        :aria-label="`Let ${nameOf(recipeId)} go`"
        @click="emit('release', recipeId, day)"
      >
        <X :size="16" aria-hidden="true" />
      </Button>
    </li>
    <li v-for="recipeId in wish.without" :key="recipeId">
      Left out: {{ nameOf(recipeId) }}
      <Button
        text
        size="small"
        :aria-label="`Let ${nameOf(recipeId)} in again`"
        @click="emit('letIn', recipeId)"
      >
        <X :size="16" aria-hidden="true" />
      </Button>
    </li>
  </ul>
</template>

<style scoped>
.argued {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.6rem;
}

li {
  display: flex;
  gap: 0.2rem;
  align-items: center;
  padding-inline-start: 0.7rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}
</style>
