<script setup lang="ts">
import { useFirstBand } from "@apron/core/basket";
import type { CardChange, MealPlanCard } from "@apron/core/match";
import { showGrams } from "@apron/core/measure";
import { GripVertical } from "@lucide/vue";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { useSession } from "../client/session.ts";
import BandMark from "../ui/BandMark.vue";
import SelectBox from "../ui/SelectBox.vue";
import { changeWords, dayName, eatenWords } from "./meal-plan-words.ts";
import { makeLink, servingWords } from "./match-words.ts";

/** One dish of the plan, on its day. */
const props = defineProps<{
  card: MealPlanCard;
  nameOf: (ingredient: string) => string;
  isKept: boolean;
  /** Days that it may be moved to. */
  days: number;
  /** What is otherwise than in the plan before. */
  change?: CardChange | undefined;
}>();
const emit = defineEmits<{ keep: []; ruleOut: []; move: [day: number] }>();
const onDays = computed(() =>
  Array.from({ length: props.days }, (_, day) => ({ value: String(day), label: dayName(day) })),
);
const day = computed({ get: () => String(props.card.day), set: (to) => emit("move", Number(to)) });
const router = useRouter();
const session = useSession();
</script>

<template>
  <article
    class="card dish"
    :class="{ kept: isKept }"
    :data-recipe="card.recipeId"
    data-testid="planned-dish"
  >
    <div class="head">
      <h3>{{ card.name }}</h3>
      <span v-if="days > 1" data-grip class="grip" aria-hidden="true" title="Drag to another day">
        <GripVertical :size="20" />
      </span>
    </div>
    <p v-if="change" class="small changed" data-testid="card-change">{{ changeWords(change) }}</p>
    <p class="soft small">{{ servingWords(card) }} · {{ Math.round(card.minutes) }} min</p>
    <ul>
      <li v-for="use in card.uses" :key="use.ingredient">
        <span class="figure">{{ showGrams(use.grams, session.display) }}</span>
        {{ nameOf(use.ingredient) }}
        <BandMark :band="useFirstBand(use.lastDay)" :days-left="use.lastDay" />
      </li>
    </ul>
    <p v-if="card.toBuy.length > 0" class="small buy">
      To buy:
      {{
        card.toBuy
          .map((one) => `${showGrams(one.grams, session.display)} ${nameOf(one.ingredient)}`)
          .join(", ")
      }}
    </p>
    <p class="soft small">{{ eatenWords(card) }}</p>
    <div class="acts">
      <Button
        label="Make"
        size="small"
        data-testid="make-planned"
        :aria-label="`Make ${card.name}`"
        @click="router.push(makeLink(card))"
      />
      <Button
        :label="isKept ? 'Kept' : 'Keep'"
        size="small"
        severity="secondary"
        :aria-pressed="isKept"
        :aria-label="`Keep ${card.name} on this day`"
        data-testid="keep-planned"
        @click="emit('keep')"
      />
      <SelectBox
        v-if="days > 1"
        :id="`day-of-${card.recipeId}-${card.day}`"
        v-model="day"
        class="on-day"
        :choices="onDays"
        :name="`Day of ${card.name}`"
      />
      <Button
        label="Not this"
        size="small"
        variant="text"
        :aria-label="`Plan without ${card.name}`"
        data-testid="rule-out"
        @click="emit('ruleOut')"
      />
    </div>
  </article>
</template>

<style scoped>
.dish {
  display: grid;
  gap: 0.4rem;
  align-content: start;
}

.head {
  display: flex;
  gap: 0.4rem;
  align-items: start;
  justify-content: space-between;
}

.grip {
  flex: none;
  padding: 0.2rem;
  color: var(--soft-ink);
  cursor: grab;
  touch-action: none;
}

.changed {
  justify-self: start;
  padding: 0.05rem 0.5rem;
  font-weight: 600;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

.kept {
  border-color: var(--action);
}

ul {
  display: grid;
  gap: 0.2rem;
  font-size: 0.95rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem 0.35rem;
  align-items: center;
}

.buy {
  color: var(--soon);
  font-weight: 600;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  margin-top: 0.2rem;
}
</style>
