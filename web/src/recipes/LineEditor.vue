<script setup lang="ts">
import type { RecipeSummary } from "@apron/contract";
import { fillerOf, impliedBy, roles } from "@apron/core/recipes";
import Button from "primevue/button";
import { computed } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import PiecesQuestion from "../catalogue/PiecesQuestion.vue";
import { useCatalogue } from "../client/queries.ts";
import { factsOf } from "../client/sent-facts.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import { counted } from "../ui/plural.ts";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import FillerRow from "./FillerRow.vue";
import LineTreatment from "./LineTreatment.vue";
import { useLineAmount } from "./use-line-amount.ts";
import type { LineDraft } from "./use-recipe-draft.ts";

/** One line of a formula: what, how much, what else may fill it, and how it is treated. */
const props = defineProps<{
  id: string;
  number: number;
  recipes: readonly RecipeSummary[];
  problem?: string | undefined;
  /** An amount that was typed and cannot be read, from a draft. */
  unreadable?: string | undefined;
}>();
const line = defineModel<LineDraft>({ required: true });
const emit = defineEmits<{ remove: []; unreadable: [text: string | undefined] }>();

const { data: known } = useCatalogue();
const first = computed(() => line.value.fillers[0]?.ingredient ?? "");
const facts = computed(() => {
  const sent = known.value?.ingredients.find((one) => one.id === first.value);
  return sent && factsOf(sent);
});
const amount = useLineAmount(line, facts, {
  text: props.unreadable,
  onUnreadable: (text) => emit("unreadable", text),
});
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
const recipeChoices = computed(() => [
  { value: "none", label: "an ingredient" },
  ...props.recipes.map((r) => ({ value: r.id, label: r.name })),
]);
const moreTitle = computed(() => {
  const others = line.value.fillers.length - 1;
  return others > 0 ? `Options (${counted(others, "other ingredient")})` : "Options";
});
</script>

<template>
  <fieldset class="line" :aria-label="`Line ${number}`" :data-testid="`line-${number}`">
    <div class="main">
      <SelectField :id="`${id}-role`" v-model="line.role" label="Role" :choices="roleChoices" />
      <IngredientField
        v-if="line.recipe === null"
        :id="`${id}-what`"
        :model-value="first"
        :usual="[]"
        :problem="problem"
        @update:model-value="chooseFirst"
      />
      <SelectField
        v-else
        :id="`${id}-recipe`"
        :model-value="line.recipe"
        label="Recipe"
        :choices="recipeChoices"
        :problem="problem"
        @update:model-value="chooseRecipe"
      />
      <div>
        <FieldFrame
          label="Amount"
          :for="`${id}-amount`"
          :problem="amount.problem.value"
          :hint="amount.hint.value"
        >
          <TextBox
            :id="`${id}-amount`"
            :model-value="amount.text.value"
            @update:model-value="amount.type($event)"
          />
        </FieldFrame>
        <PiecesQuestion v-if="amount.bare.value" :bare="amount.bare.value" @answered="amount.type($event)" />
      </div>
      <FieldFrame label="Preparation" :for="`${id}-prep`">
        <TextBox :id="`${id}-prep`" v-model="line.preparation" @change="prepared" />
      </FieldFrame>
      <Button
        label="Remove"
        severity="secondary"
        :aria-label="`Remove line ${number}`"
        @click="emit('remove')"
      />
    </div>
    <FoldOut :title="moreTitle" data-testid="line-options" quiet>
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
          label="Add another ingredient"
          size="small"
          severity="secondary"
          @click="line.fillers.push(fillerOf(''))"
        />
        <LineTreatment :id="id" v-model="line" :facts="facts">
          <SelectField
            :id="`${id}-made`"
            :model-value="line.recipe ?? 'none'"
            label="Made by another recipe"
            :choices="recipeChoices"
            @update:model-value="chooseRecipe"
          />
        </LineTreatment>
      </div>
    </FoldOut>
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
  grid-template-columns: 8.2rem minmax(0, 1.3fr) 8.5rem minmax(0, 1fr) auto;
  gap: 0.6rem;
  align-items: start;
}

.main > :deep(.p-button) {
  margin-top: 1.55rem;
}

.more {
  display: grid;
  gap: 0.6rem;
  justify-items: start;
}

@media (max-width: 900px) {
  .main {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  }
}
</style>
