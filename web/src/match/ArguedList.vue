<script setup lang="ts">
import type { MealPlanWish } from "@apron/contract";
import { X } from "@lucide/vue";
import { dishKinds, type DishKind } from "@apron/core/recipes";
import Button from "primevue/button";
import { computed } from "vue";
import { kindWords } from "../recipes/kind-words.ts";
import { keptWords } from "./meal-plan-words.ts";

/** What the plan was told: dishes that are kept, and dishes that are left out, each to be taken back by itself. */
const props = defineProps<{ wish: MealPlanWish; nameOf: (recipeId: string) => string }>();
const emit = defineEmits<{
  release: [recipeId: string, day: number | null];
  letIn: [recipeId: string];
  asMany: [kind: DishKind];
}>();
const limited = computed(() =>
  dishKinds.flatMap((kind) => {
    const most = props.wish.timesOfAKind[kind];
    return most === undefined
      ? []
      : [{ kind, words: `${kindWords[kind]}: ${most === 0 ? "none" : `no more than ${most}`}` }];
  }),
);
</script>

<template>
  <ul
    v-if="wish.keep.length + wish.without.length + limited.length > 0"
    class="argued small"
    data-testid="argued"
  >
    <li v-for="{ recipeId, day } in wish.keep" :key="`${recipeId} ${day}`">
      {{ keptWords(day) }}: {{ nameOf(recipeId) }}
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
    <li v-for="{ kind, words } in limited" :key="kind">
      {{ words }}
      <Button text size="small" :aria-label="`Take back: ${words}`" @click="emit('asMany', kind)">
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

svg {
  flex: none;
}
</style>
