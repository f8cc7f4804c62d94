<script setup lang="ts">
import type { AcceptedDish } from "@apron/contract";
import { daysBetween, showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { useNotices } from "../client/notices.ts";
import { useAcceptedPlan, useRefresh } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { todayIso } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import { dayName, eatenOnWords, larderWords } from "./meal-plan-words.ts";
import { makeLink, servingWords } from "./match-words.ts";

/** What was accepted and is still to be cooked, day by day; on Today only that day's share. */
const props = defineProps<{ onlyToday?: boolean }>();
const router = useRouter();
const session = useSession();
const notices = useNotices();
const refresh = useRefresh();
const submission = useSubmit();
const { data } = useAcceptedPlan();

const shares = (all: AcceptedDish["uses"]): string =>
  all.map((one) => `${showGrams(one.grams, session.display)} ${one.name}`).join(", ");
const days = computed(() => {
  const { dishes = [], meals = [] } = data.value ?? {};
  const all = [...new Set([...dishes.map((dish) => dish.day), ...meals.map((meal) => meal.on)])].sort();
  return all
    .map((day) => ({
      day,
      name: dayName(daysBetween(todayIso(), day)),
      dishes: dishes.filter((dish) => dish.day === day),
      meals: meals.filter((meal) => meal.on === day),
    }))
    .filter(({ day }) => !props.onlyToday || day === todayIso());
});
const toBuy = computed(
  () => new Set(data.value?.dishes.flatMap((d) => d.toBuy.map((b) => b.ingredient))).size,
);
const shoppingWords = computed(() =>
  toBuy.value === 0 ? "Shopping list" : `Shopping list: ${counted(toBuy.value, "thing")} to buy`,
);

async function drop(dish: AcceptedDish): Promise<void> {
  const request = { params: { id: dish.id } };
  if (!(await submission.submit("dropPlannedDish", request, `Drop ${dish.name}`))) return;
  notices.say({ text: `${dish.name} dropped. What was kept for it is free again.` });
  await refresh();
}
async function dropAll(): Promise<void> {
  if (!(await submission.submit("dropAcceptedPlan", {}, "Drop the plan"))) return;
  notices.say({ text: "Plan dropped. What was kept for it is free again." });
  await refresh();
}
</script>

<template>
  <section
    v-if="days.length > 0"
    class="card accepted"
    aria-labelledby="accepted"
    data-testid="accepted-plan"
  >
    <header>
      <h2 id="accepted">{{ onlyToday ? "Planned for today" : "Accepted plan" }}</h2>
      <RouterLink to="/match/shopping" data-testid="to-shopping">{{ shoppingWords }}</RouterLink>
      <RouterLink v-if="onlyToday" to="/match">The whole plan</RouterLink>
      <Button
        v-else
        label="Drop the plan"
        size="small"
        variant="text"
        data-testid="drop-plan"
        @click="dropAll"
      />
    </header>
    <ProblemNote :text="submission.sentence.value" />
    <section v-for="{ day, name, dishes, meals } in days" :key="day" :aria-label="name" class="day">
      <div v-if="!onlyToday || dishes.length > 0" class="head">
        <h3 v-if="!onlyToday">{{ name }}</h3>
        <RouterLink
          v-if="dishes.length > 0"
          :to="{ path: '/plan', query: { accepted: day } }"
          class="small"
          data-testid="plan-accepted"
          >When to cook {{ dishes.length > 1 ? "them" : "it" }}</RouterLink
        >
      </div>
      <p v-if="meals.length > 0" class="soft small">{{ larderWords(meals) }}</p>
      <article v-for="dish in dishes" :key="dish.id" class="dish" data-testid="accepted-dish">
        <div>
          <h4>{{ dish.name }}</h4>
          <p class="small soft">
            {{ servingWords(dish) }} · {{ Math.round(dish.minutes) }} min<template
              v-if="dish.uses.length > 0"
            >
              · {{ shares(dish.uses) }}</template
            >
          </p>
          <p v-if="dish.toBuy.length > 0" class="small buy">To buy: {{ shares(dish.toBuy) }}</p>
          <p v-if="dish.short.length > 0" class="small short" role="status" data-testid="dish-short">
            Used for something else meanwhile: {{ shares(dish.short) }}. Plan again, or buy it.
          </p>
          <p class="small soft">{{ eatenOnWords(dish) }}</p>
        </div>
        <Button
          label="Make"
          size="small"
          :aria-label="`Make ${dish.name}`"
          data-testid="make-accepted"
          @click="router.push(makeLink(dish))"
        />
        <Button
          v-if="!onlyToday"
          label="Drop"
          size="small"
          variant="text"
          :aria-label="`Drop ${dish.name}`"
          data-testid="drop-dish"
          @click="drop(dish)"
        />
      </article>
    </section>
  </section>
</template>

<style scoped>
.accepted,
.day {
  display: grid;
  gap: 0.6rem;
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  align-items: baseline;
}

header h2 {
  margin-right: auto;
}

.head {
  display: flex;
  gap: 1rem;
  align-items: baseline;
  justify-content: space-between;
}

h4 {
  margin: 0;
  font-size: 1.05rem;
}

.dish {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 0.4rem;
  align-items: start;
  padding-top: 0.4rem;
  border-top: 1px solid var(--line);
}

@media (max-width: 480px) {
  .dish {
    grid-template-columns: auto auto 1fr;
  }

  .dish > div {
    grid-column: 1 / -1;
  }
}

.buy {
  color: var(--soon);
  font-weight: 600;
}

.short {
  color: var(--now);
  font-weight: 600;
}
</style>
