<script setup lang="ts">
import type { MealPlanWish } from "@apron/contract";
import type { MealPlanProblem } from "@apron/core/match";
import { dishKinds, type DishKind } from "@apron/core/recipes";
import { nameOf as ingredientName } from "@apron/core/catalogue";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectBox from "../ui/SelectBox.vue";
import { kindWords } from "../recipes/kind-words.ts";
import { timesWithin } from "./argue.ts";
import { whatIfWords, whyNotWords } from "./meal-plan-words.ts";
import type { PlanAnswer } from "./use-meal-plan.ts";
import { usePlanQuestion } from "./use-plan-question.ts";

/** Arguing with a plan: why a dish is not in it, and what buying something would change. */
const props = defineProps<{
  problem: MealPlanProblem | undefined;
  found: PlanAnswer | undefined;
  wish: MealPlanWish;
  /** Every recipe by name, to ask about. */
  recipes: readonly { readonly id: string; readonly name: string }[];
}>();
const emit = defineEmits<{ keep: [recipeId: string]; atMost: [kind: DishKind, most: number] }>();
const session = useSession();
const { data: ingredients } = useIngredients();
const { explanation, state, whyNot, whatIf } = usePlanQuestion(() => props);

const planned = computed(
  () => new Set(props.found?.view.days.flatMap((day) => day.cards.map((card) => card.recipeId)) ?? []),
);
const notPlanned = computed(() =>
  props.recipes
    .filter(({ id }) => !planned.value.has(id))
    .map(({ id, name }) => ({ value: id as string | null, label: name })),
);
const foods = computed(() =>
  (ingredients.value ?? []).map((one) => ({
    value: one.id as string | null,
    label: ingredientName(one, session.dialect),
  })),
);
const kinds = computed(() => {
  const there = new Set(props.problem?.dishes.map((one) => one.kind));
  return dishKinds.filter((one) => there.has(one)).map((value) => ({ value, label: kindWords[value] }));
});
const kind = ref<DishKind | null>(null);
const most = ref<number | null>(1);
const limitKind = (): void => {
  if (kind.value !== null && most.value !== null) emit("atMost", kind.value, timesWithin(most.value));
};
const dish = ref<string | null>(null);
const food = ref<string | null>(null);
const grams = ref<number | null>(200);
const nameOf = (of: readonly { value: string | null; label: string }[], id: string): string =>
  of.find((one) => one.value === id)?.label ?? id;

const answer = computed(() => {
  const said = explanation.value;
  if (!said) return "";
  if (said.kind === "why-not")
    return whyNotWords(nameOf(notPlanned.value, said.recipeId), said.why, session.display);
  const bought = `${showGrams(said.grams, session.display)} ${nameOf(foods.value, said.ingredient)}`;
  return whatIfWords(bought, said.difference, session.display);
});
const canPlan = computed(() =>
  explanation.value?.kind === "why-not" && explanation.value.why.kind === "costs"
    ? explanation.value.recipeId
    : null,
);
const askDish = (): void => {
  if (dish.value !== null) void whyNot(dish.value);
};
const askFood = (): void => {
  if (food.value !== null && grams.value !== null && grams.value > 0) void whatIf(food.value, grams.value);
};
</script>

<template>
  <FoldOut title="Ask about this plan" quiet data-testid="ask-plan">
    <div class="ask">
      <form class="question" @submit.prevent="askDish">
        <FieldFrame label="Why not this dish?" for="why-dish">
          <SelectBox id="why-dish" v-model="dish" name="why-dish" :choices="notPlanned" filter />
        </FieldFrame>
        <Button type="submit" label="Why not?" severity="secondary" data-testid="why-not" :disabled="!dish" />
      </form>
      <form class="question" @submit.prevent="askFood">
        <FieldFrame label="What if I bought" for="what-food">
          <SelectBox id="what-food" v-model="food" name="what-food" :choices="foods" filter />
        </FieldFrame>
        <NumberBox id="what-grams" v-model="grams" label="Grams" />
        <Button type="submit" label="What if?" severity="secondary" data-testid="what-if" :disabled="!food" />
      </form>
      <form class="question" @submit.prevent="limitKind">
        <FieldFrame label="Limit a kind of dish" for="most-kind">
          <SelectBox id="most-kind" v-model="kind" name="most-kind" :choices="kinds" />
        </FieldFrame>
        <NumberBox id="most-times" v-model="most" label="At most" />
        <Button
          type="submit"
          label="Plan again"
          severity="secondary"
          data-testid="at-most"
          :disabled="!kind || most === null"
        />
      </form>
      <p v-if="state === 'asking'" role="status" class="soft">Working it out…</p>
      <p v-else-if="state === 'failed'" role="alert">This couldn't be worked out. Try again.</p>
      <p v-else-if="answer" role="status" data-testid="plan-answer">
        {{ answer }}
        <Button
          v-if="canPlan !== null"
          label="Plan it all the same"
          size="small"
          variant="text"
          data-testid="plan-anyway"
          @click="emit('keep', canPlan)"
        />
      </p>
    </div>
  </FoldOut>
</template>

<style scoped>
.ask {
  display: grid;
  gap: 0.8rem;
  padding-top: 0.4rem;
}

.question {
  display: grid;
  grid-template-columns: minmax(0, 20rem) minmax(0, 8rem) auto;
  gap: 0.6rem;
  align-items: end;
  justify-content: start;
}

@media (max-width: 600px) {
  .question {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
