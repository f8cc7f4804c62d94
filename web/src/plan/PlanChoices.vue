<script setup lang="ts">
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { X } from "@lucide/vue";
import { computed, nextTick, ref } from "vue";
import { useAllRecipes } from "../client/queries.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import DateField from "../ui/DateField.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import InTurn from "../ui/InTurn.vue";
import { nextTask } from "../ui/next-task.ts";
import NumberBox from "../ui/NumberBox.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import DishTag from "./DishTag.vue";
import CrewFields from "./CrewFields.vue";
import AcceptedDays from "./AcceptedDays.vue";
import PlacesOfPlan from "./PlacesOfPlan.vue";
import { cooksOf, onDay, typedTime, withDish, withoutDish, type PlanForm } from "./plan-form.ts";
import { kitchenClock } from "./kitchen-clock.ts";

/** What is to be on the table, when, and who and what there is to cook it. */
defineProps<{ letterOf: (dish: string) => string }>();
const form = defineModel<PlanForm>({ required: true });
const { data: recipes } = useAllRecipes();
const choices = computed(() =>
  (recipes.value?.recipes ?? []).map(({ id, name }) => ({ value: id, label: name })),
);
const adding = ref("");
async function add(recipeId: string): Promise<void> {
  const name = choices.value.find(({ value }) => value === recipeId)?.label;
  await nextTick();
  adding.value = "";
  // The list closes first: drawn at once with the new dish it keeps a finger waiting.
  await nextTask();
  if (name !== undefined) form.value.dishes = withDish(form.value.dishes, { recipeId, name, batches: 1 });
}
const remove = (key: string): void => void (form.value = withoutDish(form.value, key));
const day = computed({
  get: () => form.value.day,
  set: (wanted) => (form.value = onDay(form.value, wanted, kitchenClock)),
});
/** Is it a make in progress in which something is done otherwise? */
const isChanged = ({ changes }: PlanForm["dishes"][number]): boolean =>
  changes !== undefined && Object.values(changes).some((list) => list.length > 0);
const cooks = computed({
  get: () => String(form.value.cooks),
  set: (value: string) => (form.value.cooks = Number(value)),
});
const crew = computed({
  get: () => cooksOf(form.value),
  set: (now) => (form.value.crew = now),
});
const cookChoices = ["1", "2", "3"].map((value) => ({ value, label: value }));
const timeProblem = (text: string, isNeeded: boolean): string | undefined =>
  (text.trim() === "" && !isNeeded) || typedTime(text) ? undefined : "Enter a time, like 18:30.";
</script>

<template>
  <section class="card panel" aria-label="What, when and who">
    <ul v-if="form.dishes.length > 0" class="dishes" data-testid="plan-dishes">
      <li v-for="(dish, i) in form.dishes" :key="dish.key">
        <DishTag :letter="letterOf(dish.key)" />
        <span class="small"
          >{{ dish.name }}
          <template v-if="isChanged(dish)"><br /><span class="soft">as changed for tonight</span></template>
        </span>
        <NumberBox
          v-if="!dish.isMade"
          :id="`batches-${i}`"
          v-model="dish.batches"
          label="Batches"
          needed
          quiet
        />
        <Button text class="remove" :aria-label="`Remove ${dish.name}`" @click="remove(dish.key)">
          <X :size="18" aria-hidden="true" />
        </Button>
        <label class="made small">
          <Checkbox v-model="dish.isMade" binary :input-id="`made-${i}`" /> made earlier
        </label>
      </li>
    </ul>
    <AcceptedDays v-model="form" />
    <SelectField
      id="plan-add"
      v-model="adding"
      :label="form.dishes.length === 0 ? 'First dish' : 'Another dish'"
      :choices="choices"
      placeholder="Choose a recipe"
      filter
      @update:model-value="add"
    />
    <InTurn>
      <div class="two">
        <DateField id="plan-day" v-model="day" label="Day" />
        <FieldFrame label="On the table at" for="plan-time" :problem="timeProblem(form.time, true)">
          <TextBox id="plan-time" v-model="form.time" inputmode="numeric" />
        </FieldFrame>
      </div>
      <FieldFrame
        label="The cook gets home at"
        for="plan-home"
        hint="Empty: somebody is there all day."
        :problem="timeProblem(form.homeTime, false)"
      >
        <TextBox id="plan-home" v-model="form.homeTime" inputmode="numeric" />
      </FieldFrame>
      <div class="cooks">
        <span class="small"><b>Cooks</b></span>
        <ChoiceButtons v-model="cooks" label="Cooks" :choices="cookChoices" />
      </div>
      <InTurn>
        <FoldOut v-if="form.cooks > 1" title="Who does what">
          <CrewFields v-model="crew" />
        </FoldOut>
        <FoldOut title="Kitchen and quiet hours">
          <div class="fold">
            <PlacesOfPlan v-model="form" />
            <label class="check">
              <Checkbox v-model="form.isQuiet" binary input-id="plan-quiet" /> Nobody works at night
            </label>
            <div v-if="form.isQuiet" class="two">
              <FieldFrame label="From" for="plan-quiet-from" :problem="timeProblem(form.quietFrom, true)">
                <TextBox id="plan-quiet-from" v-model="form.quietFrom" inputmode="numeric" />
              </FieldFrame>
              <FieldFrame label="Until" for="plan-quiet-to" :problem="timeProblem(form.quietTo, true)">
                <TextBox id="plan-quiet-to" v-model="form.quietTo" inputmode="numeric" />
              </FieldFrame>
            </div>
          </div>
        </FoldOut>
      </InTurn>
    </InTurn>
  </section>
</template>

<style scoped>
.panel,
.fold {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
  align-content: start;
}

.dishes {
  display: grid;
  gap: 0.4rem;
}

.dishes li {
  display: grid;
  grid-template-columns: 1.7rem minmax(0, 1fr) 3.6rem auto;
  gap: 0.5rem;
  align-items: center;
}

.made {
  display: flex;
  grid-column: 2 / -1;
  gap: 0.4rem;
  align-items: center;
}

.remove {
  grid-column: 4;
  padding: 0.4rem;
}

.two {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1fr);
  gap: 0.6rem;
}

.cooks,
.check {
  display: flex;
  gap: 0.6rem;
  align-items: center;
}

.check {
  min-height: 36px;
}
</style>
