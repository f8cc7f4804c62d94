<script setup lang="ts">
import type { PastPlan } from "@apron/contract";
import { byDay, plannedAndDone } from "@apron/core/match";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { sentenceOf } from "../client/words.ts";
import { showDay } from "../ui/dates.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import { cameWords, outcomeWords } from "./meal-plan-words.ts";
import { servingWords } from "./match-words.ts";

/** Plans that were accepted, the latest first: what was planned, and what came of it. */
const { data, error, status } = useQuery({ key: ["past-plans"], query: () => call("pastPlans", {}) });
const plans = computed(() =>
  (data.value ?? []).map((plan: PastPlan) => ({
    id: plan.id,
    from: showDay(plan.from),
    outcome: outcomeWords(plannedAndDone(plan.dishes)),
    proof: plan.proof.isProven ? "No better plan was possible." : "",
    days: byDay(plan.dishes),
  })),
);
</script>

<template>
  <PageHead title="Plans so far" lead="What was planned, and what came of it.">
    <RouterLink to="/match">Plan the coming days</RouterLink>
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div data-testid="past-plans" class="plans">
    <section v-for="plan in plans" :key="plan.id" class="card" data-testid="past-plan">
      <h2>From {{ plan.from }}</h2>
      <p class="small">
        <b>{{ plan.outcome }}</b> <span class="soft">{{ plan.proof }}</span>
      </p>
      <div v-for="{ day, dishes } in plan.days" :key="day" class="day">
        <h3 class="small">{{ showDay(day) }}</h3>
        <ul>
          <li v-for="dish in dishes" :key="dish.id" :class="dish.state">
            <RouterLink :to="`/recipes/${dish.recipeId}`">{{ dish.name }}</RouterLink>
            <span class="soft small">{{ servingWords(dish) }}</span>
            <span class="small came">{{ cameWords[dish.state] }}</span>
          </li>
        </ul>
      </div>
    </section>
    <EmptyState
      v-if="status === 'success' && plans.length === 0"
      title="No plan yet"
      text="Accept a plan on Match. What came of it is then shown here."
      action="Match"
      to="/match"
    />
  </div>
</template>

<style scoped>
.plans,
.card {
  display: grid;
  gap: 0.9rem;
}

.card {
  gap: 0.5rem;
}

.day {
  display: grid;
  grid-template-columns: 7.5rem minmax(0, 1fr);
  gap: 0.3rem 0.8rem;
  align-items: baseline;
}

ul {
  display: grid;
  gap: 0.3rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.8rem;
  align-items: baseline;
}

.came {
  font-weight: 600;
}

.cooked .came {
  color: var(--action);
}

.dropped .came,
.past .came {
  color: var(--soft-ink);
}

@media (max-width: 600px) {
  .day {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
