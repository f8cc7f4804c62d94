<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { call } from "../client/api.ts";
import { showClock, showDayOf } from "../ui/dates.ts";

/** Plans that were saved and whose table is still to come. */
const { data: plans } = useQuery({ key: ["plans"], query: () => call("listPlans", {}) });
</script>

<template>
  <section v-if="plans && plans.length > 0" class="card kept" aria-labelledby="kept">
    <h2 id="kept">Saved plans</h2>
    <ul>
      <li v-for="plan in plans" :key="plan.id" data-testid="saved-plan">
        <RouterLink :to="`/plan/${plan.id}`">{{ plan.dishes.join(", ") }}</RouterLink>
        <p class="soft small">
          {{ showDayOf(plan.tableAt) }}, on the table at {{ showClock(plan.tableAt) }}; start at
          {{ showClock(plan.startAt) }}
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.kept,
.kept ul {
  display: grid;
  gap: 0.6rem;
}
</style>
