<script setup lang="ts">
import { useFirstBand } from "@apron/core/basket";
import type { MealPlanCard } from "@apron/core/match";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { useRouter } from "vue-router";
import { useSession } from "../client/session.ts";
import BandMark from "../ui/BandMark.vue";
import { eatenWords } from "./meal-plan-words.ts";
import { makeLink, servingWords } from "./match-words.ts";

/** One dish of the plan, on its day. */
defineProps<{ card: MealPlanCard; nameOf: (ingredient: string) => string; isKept: boolean }>();
const emit = defineEmits<{ keep: []; ruleOut: [] }>();
const router = useRouter();
const session = useSession();
</script>

<template>
  <article class="card dish" :class="{ kept: isKept }" data-testid="planned-dish">
    <h3>{{ card.name }}</h3>
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
