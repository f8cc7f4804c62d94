<script setup lang="ts">
import type { CookAct } from "@apron/contract";
import { tasteWords, type Addition, type Remedy, type TasteWord } from "@apron/core/cook";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { writtenFiller } from "@apron/core/recipes";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { computed, ref } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { useIngredients, useRecipe } from "../client/queries.ts";
import { useScale } from "../client/scale.ts";
import { useSession } from "../client/session.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import QuickPicks from "../ui/QuickPicks.vue";
import SelectBox from "../ui/SelectBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";
import { foundWords } from "../larder/taste-words.ts";
import { ingredientName } from "./cook-words.ts";
import { useDishNow, type CookedDish } from "./use-dish-now.ts";

/** What goes in while tasting: a tap for what, the scale or an amount for how much, a word for what was missing. */
const props = defineProps<{
  dishes: readonly CookedDish[];
  additions: readonly Addition[];
}>();
const emit = defineEmits<{ added: [act: CookAct, label: string] }>();
const session = useSession();
const scale = useScale();
const weights = useWeightSource();
const chosenDish = ref("");
const dish = computed(() => props.dishes.find(({ key }) => key === chosenDish.value) ?? props.dishes[0]);
const dishKey = computed({ get: () => dish.value?.key ?? "", set: (key) => (chosenDish.value = key) });
const { data: recipe } = useRecipe(() => dish.value?.recipeId);
const { data: ingredients } = useIngredients();
const { balance, remedies } = useDishNow(
  () => dish.value,
  () => props.additions,
);
const nameOf = (id: string): string =>
  recipe.value?.names[id] ?? ingredientName(id, ingredients.value ?? [], session.dialect);

/** What a taste is corrected with: the dish's own salt, acid, oil and sweetness, and what it takes to taste. */
const correcting: readonly string[] = ["salt", "acid", "oil", "sweet"];
const picks = computed(() => {
  const lines = recipe.value?.formula.lines.filter(
    ({ role, toTaste }) => toTaste || correcting.includes(role),
  );
  const ids = (lines ?? []).flatMap((line) => writtenFiller(line)?.ingredient ?? []);
  return [...new Set(ids)].map((value) => ({ value, label: nameOf(value) }));
});

const ingredient = ref("");
const text = ref("");
const found = ref<TasteWord | "">("");
const isCold = ref(false);
const isOther = ref(false);
function pick(id: string): void {
  ingredient.value = id;
  const steady = scale.steady();
  if (text.value === "" && steady !== undefined) text.value = `${steady} g`;
}
/** What would put right what was found, each one tap into the form. */
const offered = computed(() => (found.value ? remedies(found.value) : []));
function take({ ingredient: id, grams: amount }: Remedy): void {
  [ingredient.value, text.value] = [id, `${amount} g`];
}
const figures = computed(() => {
  const now = balance.value;
  if (!now) return "";
  const { saltPercent, oilToAcid, weightG, unknown } = now;
  return [
    `salt ${trimmedDecimals(saltPercent, 2)} %`,
    oilToAcid === null ? "" : `oil to acid ${trimmedDecimals(oilToAcid, 1)} to 1`,
    `about ${showGrams(weightG, session.display)}`,
    unknown.length > 0 ? `without what is in ${unknown.map(nameOf).join(", ")}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
});
const grams = computed(() => (text.value.trim() === "" ? null : typedGrams(text.value)));
function add(): void {
  const [into, amount] = [dish.value, grams.value];
  if (!into || ingredient.value === "" || amount === undefined) return;
  const act = { dish: into.key, ingredient: ingredient.value, grams: amount, isCold: isCold.value } as const;
  const words = `${amount === null ? "by eye" : showGrams(amount, session.display)} ${nameOf(ingredient.value)}`;
  emit("added", { kind: "added", ...act, found: found.value || null }, `${into.name}: ${words}`);
  [ingredient.value, text.value, found.value, isOther.value] = ["", "", "", false];
}
const choices = computed(() => props.dishes.map(({ key, name }) => ({ value: key, label: name })));
const words = tasteWords.map((value) => ({ value, label: foundWords[value] }));
const find = (word: string): void => {
  found.value = found.value === word ? "" : (word as TasteWord);
};
const said = ({ grams: amount, ingredient: id, found: taste, isCold: cold, dish: into }: Addition): string =>
  [
    `${amount === null ? "" : `${showGrams(amount, session.display)} `}${nameOf(id)}${amount === null ? ", by eye" : ""}`,
    props.dishes.length > 1 ? (props.dishes.find(({ key }) => key === into)?.name ?? "") : "",
    taste ? foundWords[taste].toLowerCase() : "",
    cold ? "tasted cold" : "",
  ]
    .filter((part) => part !== "")
    .join(" · ");
</script>

<template>
  <section class="taste card" aria-labelledby="taste" data-testid="add-to-taste">
    <h2 id="taste">Taste and add</h2>
    <SelectBox v-if="dishes.length > 1" id="taste-dish" v-model="dishKey" :choices="choices" name="Dish" />
    <p v-if="figures" class="small soft" data-testid="taste-figures">Now: {{ figures }}</p>
    <div class="picks">
      <span class="small"><b>It is</b></span>
      <QuickPicks label="It is" :choices="words" :chosen="found" @picked="find" />
    </div>
    <div v-if="offered.length > 0" class="picks" data-testid="remedies">
      <span class="small"><b>The least that helps</b></span>
      <Button
        v-for="one in offered"
        :key="one.ingredient"
        :label="`${showGrams(one.grams, session.display)} ${nameOf(one.ingredient)}`"
        size="small"
        severity="secondary"
        :data-testid="`remedy-${one.ingredient}`"
        @click="take(one)"
      />
      <span class="small soft">then taste again</span>
    </div>
    <div class="picks">
      <QuickPicks label="Add" :choices="picks" :chosen="ingredient" @picked="pick" />
      <Button label="Something else" size="small" text @click="isOther = !isOther" />
    </div>
    <IngredientField v-if="isOther" id="taste-other" v-model="ingredient" :usual="[]" label="Ingredient" />
    <form v-if="ingredient" class="form" @submit.prevent="add">
      <WeightField
        id="taste-amount"
        v-model="text"
        :label="`How much ${nameOf(ingredient)}`"
        placeholder="by eye"
        :source="weights"
        :problem="grams === undefined ? 'Enter a weight, or leave it empty.' : undefined"
      />
      <label class="cold"><Checkbox v-model="isCold" binary input-id="taste-cold" /> Tasted cold</label>
      <Button type="submit" label="Add" data-testid="add-taste" />
    </form>
    <ul v-if="additions.length > 0" class="small" data-testid="additions">
      <li v-for="one in additions" :key="one.id">{{ said(one) }}</li>
    </ul>
  </section>
</template>

<style scoped>
.taste {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.6rem;
}

.picks,
.cold {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
}

.cold {
  min-height: 44px;
}

.form {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: end;
}

.form > :last-child {
  grid-column: -2;
}

@media (max-width: 620px) {
  .form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
