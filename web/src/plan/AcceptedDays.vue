<script setup lang="ts">
import Button from "primevue/button";
import { computed } from "vue";
import { byDay } from "@apron/core/match";
import { daysBetween } from "@apron/core/measure";
import { useAcceptedPlan } from "../client/queries.ts";
import { todayIso } from "../ui/dates.ts";
import { dayName } from "../match/meal-plan-words.ts";
import { kitchenClock } from "./kitchen-clock.ts";
import { notPlannedYet, withAccepted, type PlanForm } from "./plan-form.ts";

/** The days of the accepted plan whose dishes are not in this plan yet: one tap takes a day over. */
const form = defineModel<PlanForm>({ required: true });
const { data } = useAcceptedPlan();
const days = computed(() => {
  const open = notPlannedYet(form.value, data.value?.dishes ?? []);
  return byDay(open).map(({ day, dishes }) => ({
    day,
    name: dayName(daysBetween(todayIso(), day)),
    dishes: dishes.map(({ name }) => name),
  }));
});
const take = (day: string): void => {
  form.value = withAccepted(form.value, { day, accepted: data.value?.dishes ?? [] }, kitchenClock);
};
</script>

<template>
  <section v-if="days.length > 0" class="days" aria-labelledby="accepted-days">
    <h3 id="accepted-days" class="small">From the accepted plan</h3>
    <Button
      v-for="{ day, name, dishes } in days"
      :key="day"
      severity="secondary"
      size="small"
      class="day"
      data-testid="accepted-day"
      @click="take(day)"
    >
      <span
        ><b>{{ name }}</b
        >: {{ dishes.join(", ") }}</span
      >
    </Button>
  </section>
</template>

<style scoped>
.days {
  display: grid;
  gap: 0.4rem;
}

.day {
  justify-content: start;
  text-align: start;
}
</style>
