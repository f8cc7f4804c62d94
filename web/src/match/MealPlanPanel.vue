<script setup lang="ts">
import type { MealPlanView } from "@apron/core/match";
import Button from "primevue/button";
import { computed } from "vue";
import { useAcceptedPlan, useAllRecipes } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import PlanDayFields from "./PlanDayFields.vue";
import PlanLeft from "./PlanLeft.vue";
import PlanQuestions from "./PlanQuestions.vue";
import MealPlanDish from "./MealPlanDish.vue";
import ArguedList from "./ArguedList.vue";
import WasteOrWork from "./WasteOrWork.vue";
import { vDragToDay, type Dropped } from "./drag-to-day.ts";
import { dayName, goneWords, larderWords, savedWords, searchWords } from "./meal-plan-words.ts";
import { useMealPlan } from "./use-meal-plan.ts";

/** A plan for the coming days: a column a day, a card a dish, and what it can be argued with. */
const session = useSession();
const plan = useMealPlan();
const { wish, change, view, solving, error, nameOf, isKept, toggleKept, ruleOut, takeBack } = plan;
const { changes, move } = plan;
const dropped = ({ recipeId, from, to }: Dropped): void => move(recipeId, { from, to });
const { accept, accepting } = plan;
const emit = defineEmits<{ accepted: [] }>();
async function acceptIt(): Promise<void> {
  if (await accept()) emit("accepted");
}
const { data: accepted } = useAcceptedPlan();
const { data: recipes } = useAllRecipes();
const names = computed(() => recipes.value?.recipes.map(({ id, name }) => ({ id, name })) ?? []);
const recipeName = (id: string): string => names.value.find((one) => one.id === id)?.name ?? id;
const title = computed(() =>
  (accepted.value?.dishes.length ?? 0) > 0 ? "Plan more" : "Plan for the coming days",
);
const isSomethingPlanned = computed(() => view.value?.days.some((day) => day.cards.length > 0) ?? false);

const choices = (values: readonly number[], word: (value: number) => string) =>
  values.map((value) => ({ value: String(value), label: word(value) }));
const asText = (key: "days" | "minutes") =>
  computed({ get: () => String(wish.value[key]), set: (text) => change({ [key]: Number(text) }) });
const asked = [
  { label: "Days", model: asText("days"), from: choices([1, 2, 3, 5, 7], String) },
  {
    label: "Minutes for cooking each day",
    model: asText("minutes"),
    from: choices([30, 60, 90, 180], (minutes) => `${minutes} min`),
  },
];
const lessWork = computed({ get: () => wish.value.lessWork, set: (to) => change({ lessWork: to }) });
const dishesOf = (cards: readonly { readonly recipeId: string }[]): string[] =>
  cards.map(({ recipeId }) => recipeId);
const keepDayLabel = ({ day, cards }: MealPlanView["days"][number]): string =>
  plan.isDayKept(day, dishesOf(cards)) ? "Let the day go" : "Keep the day";
const isArgued = computed(
  () => wish.value.keep.length + wish.value.without.length + Object.keys(wish.value.timesOfAKind).length > 0,
);
</script>

<template>
  <section aria-labelledby="meal-plan-head" data-testid="meal-plan">
    <h2 id="meal-plan-head">{{ title }}</h2>
    <div class="asked">
      <div v-for="{ label, model, from } in asked" :key="label">
        <p class="small soft" aria-hidden="true">{{ label }}</p>
        <ChoiceButtons v-model="model.value" :label="label" :choices="from" />
      </div>
      <div>
        <p class="small soft" aria-hidden="true">What matters more</p>
        <WasteOrWork v-model="lessWork" />
      </div>
      <Button v-if="isArgued" label="Start over" size="small" variant="text" @click="takeBack" />
    </div>
    <ArguedList
      :wish="wish"
      :name-of="recipeName"
      @release="toggleKept"
      @let-in="plan.letIn"
      @as-many="plan.atMost($event, null)"
    />
    <ProblemNote :text="error ? sentenceOf(error) : undefined" />
    <p v-if="solving === 'failed' && !view" role="alert">
      The plan couldn't be worked out. The dishes below still hold.
    </p>
    <p v-else-if="solving === 'impossible'" role="alert" data-testid="plan-impossible">
      The dishes you kept don't fit into these days. Let one go, or allow more minutes.
    </p>
    <p v-else-if="!view" role="status" class="soft">Working out a plan…</p>
    <template v-else>
      <p class="saved" role="status" data-testid="plan-saved">{{ savedWords(view, session.display) }}</p>
      <p class="soft small">
        {{ searchWords(solving, view.gap) }}
      </p>
      <p v-if="changes && changes.gone.length > 0" class="small" role="status" data-testid="plan-gone">
        {{ goneWords(changes.gone) }}
      </p>
      <div class="days">
        <section v-for="day in view.days" :key="day.day" class="day" :aria-label="dayName(day.day)">
          <header class="name">
            <h3>
              {{ dayName(day.day) }}
              <span v-if="day.minutes > 0" class="soft small">{{ Math.round(day.minutes) }} min</span>
            </h3>
            <Button
              v-if="day.cards.length > 0"
              :label="keepDayLabel(day)"
              :aria-label="`${keepDayLabel(day)}: ${dayName(day.day)}`"
              size="small"
              variant="text"
              class="keep-day"
              :data-testid="`keep-day-${day.day}`"
              @click="plan.toggleDay(day.day, dishesOf(day.cards))"
            />
          </header>
          <PlanDayFields
            :day="day.day"
            :wish="plan.dayWish(day.day)"
            @change="plan.setDay(day.day, $event)"
          />
          <p v-if="day.fromLarder.length > 0" class="soft small">{{ larderWords(day.fromLarder) }}</p>
          <div v-drag-to-day="dropped" class="cards" :data-day="day.day">
            <MealPlanDish
              v-for="card in day.cards"
              :key="`${card.recipeId} ${card.day}`"
              :card="card"
              :name-of="nameOf"
              :is-kept="isKept(card.recipeId, card.day)"
              :days="view.days.length"
              :change="changes?.of(card)"
              @keep="toggleKept(card.recipeId, card.day)"
              @move="move(card.recipeId, { from: card.day, to: $event })"
              @rule-out="ruleOut(card.recipeId)"
            />
          </div>
          <p v-if="day.cards.length === 0" class="soft small">Nothing to cook.</p>
        </section>
      </div>
      <div v-if="isSomethingPlanned" class="acts">
        <Button
          label="Accept this plan"
          data-testid="accept-plan"
          :loading="accepting.pending.value"
          @click="acceptIt"
        />
        <span class="soft small">Keeps what it uses for it, and lists what it needs bought.</span>
      </div>
      <ProblemNote :text="accepting.sentence.value" />
      <PlanLeft :left="view.left" :name-of="nameOf" />
      <PlanQuestions
        :problem="plan.problem.value"
        :found="plan.found.value"
        :wish="wish"
        :recipes="names"
        @keep="change({ keep: [...wish.keep, { recipeId: $event, day: null }] })"
        @at-most="plan.atMost"
      />
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}

.asked {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: end;
}

.saved {
  font-weight: 600;
}

.days {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(15rem, 1fr));
  gap: 0.9rem;
  align-items: start;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}

.day,
.cards {
  gap: 0.6rem;
}

/* A day with nothing to cook still takes what is dropped on it. */
.cards {
  display: grid;
  align-content: start;
  min-height: 2.5rem;
}

.keep-day {
  margin-inline-start: auto;
}

.name {
  display: flex;
  gap: 0.5rem;
  align-items: baseline;
  padding-bottom: 0.3rem;
  border-bottom: 2px solid var(--sunk);
}
</style>
