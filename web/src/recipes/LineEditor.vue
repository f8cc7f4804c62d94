<script setup lang="ts">
import type { RecipeSummary } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { fillerOf, impliedBy, readLineAmount, roles } from "@apron/core/recipes";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { computed, ref } from "vue";
import { useCatalogue } from "../app/queries.ts";
import { factsOf } from "../app/sent-facts.ts";
import { useSession } from "../app/session.ts";
import { sentenceFor } from "../app/words.ts";
import IngredientField from "../basket/IngredientField.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import FillerRow from "./FillerRow.vue";
import type { LineDraft } from "./use-recipe-draft.ts";

/** One line of a formula: what, how much, what else may fill it, and how it is treated. */
const props = defineProps<{
  id: string;
  recipes: readonly RecipeSummary[];
  problem?: string | undefined;
}>();
const line = defineModel<LineDraft>({ required: true });
const emit = defineEmits<{ remove: [] }>();

const session = useSession();
const { data: known } = useCatalogue();
const first = computed(() => line.value.fillers[0]?.ingredient ?? "");
const facts = computed(() => {
  const sent = known.value?.ingredients.find((one) => one.id === first.value);
  return sent && factsOf(sent);
});
const shownAmount = (): string => {
  const { amountText: written, range, grams } = line.value;
  const round = (g: number): string => String(Math.round(g * 10) / 10);
  return written || (range ? `${round(range.low)}–${round(range.high)}` : round(grams));
};
const amount = ref(shownAmount());
const amountProblem = ref("");
const words = ref("");

/** Read as it is typed; what cannot be read stays in the field and changes nothing. */
function typedAmount(text: string): void {
  amount.value = text;
  const read = readLineAmount(text, facts.value, {
    cup: session.cup,
    ounces: session.ounces[first.value],
  });
  amountProblem.value = read.ok ? "" : sentenceFor(read.issue);
  words.value = read.ok && read.value.amountText ? showGrams(read.value.grams, session.display) : "";
  if (!read.ok) return;
  line.value.grams = read.value.grams;
  line.value.range = read.value.range;
  line.value.amountText = read.value.amountText;
}
/** A preparation may say how it is trimmed; what was chosen by hand stays. */
function prepared(): void {
  if (facts.value) line.value.trim ??= impliedBy(line.value.preparation, facts.value).trim;
}
function chooseFirst(ingredient: string): void {
  const [written, ...others] = line.value.fillers;
  line.value.fillers = [{ ...(written ?? fillerOf("")), ingredient }, ...others];
  if (ingredient !== "") line.value.recipe = null;
}
function chooseRecipe(recipe: string): void {
  line.value.recipe = recipe === "none" ? null : recipe;
  line.value.fillers = recipe === "none" ? [fillerOf("")] : [];
}
const roleChoices = roles.map((value) => ({ value, label: value }));
const cookChoices = computed(() => [
  { value: "raw", label: "eaten raw" },
  { value: "heated", label: "heated, no figure" },
  ...(facts.value?.changes ?? []).map((c) => ({ value: c.method, label: c.method.replaceAll("-", " ") })),
]);
const cook = computed({
  get: () => line.value.cook ?? (line.value.eatenRaw ? "raw" : "heated"),
  set: (way: string) => {
    line.value.eatenRaw = way === "raw";
    line.value.cook = way === "raw" || way === "heated" ? null : way;
  },
});
const trimChoices = computed(() => [
  { value: "none", label: "as it is" },
  ...(facts.value?.trims ?? []).map((t) => ({ value: t.method, label: t.method.replaceAll("-", " ") })),
]);
const recipeChoices = computed(() => [
  { value: "none", label: "an ingredient" },
  ...props.recipes.map((r) => ({ value: r.id, label: r.name })),
]);
const held = computed({
  get: () => line.value.gradualAddition !== null,
  set: (yes) => {
    line.value.gradualAddition = yes ? { start: 0.66, step: 0.1, most: 1.2 } : null;
  },
});
</script>

<template>
  <fieldset class="line" :aria-label="`Line ${id}`">
    <div class="main">
      <SelectBox :id="`${id}-role`" v-model="line.role" name="Role" :choices="roleChoices" />
      <IngredientField
        v-if="line.recipe === null"
        :id="`${id}-what`"
        :model-value="first"
        :usual="[]"
        label="What"
        :problem="problem"
        @update:model-value="chooseFirst"
      />
      <FieldFrame v-else label="Recipe" :for="`${id}-recipe`" :problem="problem">
        <SelectBox
          :id="`${id}-recipe`"
          :model-value="line.recipe"
          name="The recipe that makes it"
          :choices="recipeChoices"
          @update:model-value="chooseRecipe"
        />
      </FieldFrame>
      <FieldFrame
        label="Amount"
        :for="`${id}-amount`"
        :problem="amountProblem || undefined"
        :hint="words || undefined"
      >
        <TextBox :id="`${id}-amount`" :model-value="amount" @update:model-value="typedAmount" />
      </FieldFrame>
      <FieldFrame label="Preparation" :for="`${id}-prep`">
        <TextBox :id="`${id}-prep`" v-model="line.preparation" @change="prepared" />
      </FieldFrame>
      <Button
        label="Take out"
        size="small"
        severity="secondary"
        :aria-label="`Take line ${id} out`"
        @click="emit('remove')"
      />
    </div>
    <details>
      <summary>
        What else may fill it, how it is treated<template v-if="line.fillers.length > 1">
          ({{ line.fillers.length - 1 }} more)</template
        >
      </summary>
      <div class="more">
        <FillerRow
          v-for="(_filler, i) in line.fillers.slice(1)"
          :id="`${id}-filler-${i}`"
          :key="i"
          v-model="line.fillers[i + 1]!"
          @remove="line.fillers.splice(i + 1, 1)"
        />
        <Button
          v-if="line.recipe === null"
          label="Another may fill it"
          size="small"
          severity="secondary"
          @click="line.fillers.push(fillerOf(''))"
        />
        <div class="treated">
          <FieldFrame label="Cooked" :for="`${id}-cook`">
            <SelectBox :id="`${id}-cook`" v-model="cook" name="How it is cooked" :choices="cookChoices" />
          </FieldFrame>
          <FieldFrame label="Trimmed" :for="`${id}-trim`">
            <SelectBox
              :id="`${id}-trim`"
              :model-value="line.trim ?? 'none'"
              name="How it is trimmed"
              :choices="trimChoices"
              @update:model-value="line.trim = $event === 'none' ? null : $event"
            />
          </FieldFrame>
          <NumberBox
            :id="`${id}-strong`"
            v-model="line.maxStrongHerbShare"
            label="strong herbs up to, %"
            :factor="0.01"
            needed
          />
          <FieldFrame label="Group" :for="`${id}-group`">
            <TextBox :id="`${id}-group`" v-model="line.group" />
          </FieldFrame>
          <FieldFrame label="Made by" :for="`${id}-made`">
            <SelectBox
              :id="`${id}-made`"
              :model-value="line.recipe ?? 'none'"
              name="Made by another recipe"
              :choices="recipeChoices"
              @update:model-value="chooseRecipe"
            />
          </FieldFrame>
        </div>
        <div class="ticks">
          <label><Checkbox v-model="line.optional" binary :input-id="`${id}-optional`" /> optional</label>
          <label><Checkbox v-model="line.toTaste" binary :input-id="`${id}-taste`" /> to taste</label>
          <label><Checkbox v-model="held" binary :input-id="`${id}-held`" /> hold some back</label>
          <template v-if="line.gradualAddition">
            <NumberBox
              :id="`${id}-start`"
              v-model="line.gradualAddition.start"
              label="start with, %"
              :factor="0.01"
              needed
            />
            <NumberBox
              :id="`${id}-step`"
              v-model="line.gradualAddition.step"
              label="then by, %"
              :factor="0.01"
              needed
            />
            <NumberBox
              :id="`${id}-most`"
              v-model="line.gradualAddition.most"
              label="at most, %"
              :factor="0.01"
              needed
            />
          </template>
        </div>
      </div>
    </details>
  </fieldset>
</template>

<style scoped>
.line {
  min-width: 0;
  margin: 0;
  padding: 0.6rem 0;
  border: 0;
  border-bottom: 1px solid var(--line);
}

.main {
  display: grid;
  grid-template-columns: 8.2rem minmax(0, 1.3fr) 7.5rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: end;
}

.main > :deep(.p-button) {
  align-self: end;
}

.more,
.treated {
  display: grid;
  gap: 0.6rem;
}

.more {
  justify-items: start;
  padding: 0.6rem 0 0.4rem;
}

.treated {
  grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
  align-items: end;
  width: 100%;
}

.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  align-items: end;
}

.ticks label {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}

.ticks :deep(.field) {
  width: 7rem;
}

summary {
  width: fit-content;
  padding: 0.4rem 0;
  font-size: 0.875rem;
  color: var(--action);
  cursor: pointer;
}

@media (max-width: 900px) {
  .main {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
