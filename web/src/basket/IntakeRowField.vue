<script setup lang="ts">
import { priceInLine } from "@apron/core/basket";
import { isBare, nameOf } from "@apron/core/catalogue";
import { showEstimate } from "@apron/core/measure";
import { X } from "@lucide/vue";
import Button from "primevue/button";
import { computed, nextTick, ref, useTemplateRef, watch } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceFor } from "../client/words.ts";
import { useRememberMeaning } from "../catalogue/use-remember-meaning.ts";
import QuickPicks from "../ui/QuickPicks.vue";
import { showPrice } from "../ui/money.ts";
import TextBox from "../ui/TextBox.vue";
import WeightField from "../ui/WeightField.vue";
import { openQuestion, type IntakeRow } from "./intake-draft.ts";
import IngredientField from "../catalogue/IngredientField.vue";
import NewIngredientDialog from "../catalogue/NewIngredientDialog.vue";
import OunceQuestion from "../catalogue/OunceQuestion.vue";
import PiecesQuestion from "../catalogue/PiecesQuestion.vue";
import { useAmountReading } from "../catalogue/use-amount-reading.ts";

const props = defineProps<{ problem: string | undefined }>();
const row = defineModel<IntakeRow>({ required: true });
const emit = defineEmits<{ dropped: []; retyped: [text: string] }>();
const remember = useRememberMeaning();
/** The row is being written again. */
const isWriting = ref(false);
const written = ref("");
function write(): void {
  written.value = row.value.text;
  isWriting.value = true;
}
function retype(): void {
  if (!isWriting.value) return;
  isWriting.value = false;
  if (written.value.trim() !== "") emit("retyped", written.value.trim());
}
/** The answer is kept for the kitchen: the same name is not asked about again. */
function choose(id: string): void {
  row.value.ingredient = id;
  const asked = question.value;
  if (asked?.code.startsWith("ingredient-") && reading.value) void remember(reading.value.name, id);
}
const session = useSession();
const weights = useWeightSource();
const { data: ingredients } = useIngredients();
const nameFor = (id: string): string => {
  const found = ingredients.value?.find((one) => one.id === id);
  return found ? nameOf(found, session.dialect) : id;
};

const reading = computed(() => row.value.reading);
const chosen = computed(
  () =>
    row.value.ingredient ??
    (reading.value?.ingredient.kind === "one" ? reading.value.ingredient.id : undefined),
);
const weighed = useAmountReading(
  () => row.value.ingredient ?? "",
  () => row.value.amount ?? "",
);
const item = useTemplateRef("item");
watch(
  () => ({
    bare: weighed.value.bare ?? null,
    isPending: weighed.value.isPending && isBare(row.value.amount ?? ""),
  }),
  async ({ bare, isPending }) => {
    Object.assign(row.value, { bare, isPending });
    if (!bare) return;
    await nextTick();
    // The list scrolls: what is asked must not stand below its edge.
    item.value?.scrollIntoView({ block: "nearest" });
  },
  { immediate: true },
);
const question = computed(() => openQuestion(row.value));
const candidates = computed(() => {
  const asked = question.value?.code.startsWith("ingredient-") ? reading.value?.ingredient : undefined;
  return asked?.kind === "ask" ? asked.candidates : [];
});
const note = computed(() => {
  if (props.problem) return props.problem;
  // The ounces are asked about below, and so is which of several.
  if (question.value?.code === "ounce-mass-or-fluid") return "";
  if (candidates.value.length > 1) return "Which one?";
  if (question.value) return sentenceFor(question.value);
  if (row.value.amount !== null) return weighed.value.words;
  return reading.value?.grams ? showEstimate(reading.value.grams, session.display) : "";
});
/** Says which food the row became where its own words do not. */
const read = computed(() => {
  if (row.value.ingredient !== null && row.value.text !== "") return "taken as";
  const found = reading.value?.ingredient;
  if (found?.kind !== "one" || found.how === "name") return "";
  return "read as";
});
/** What the line says it cost. */
const price = computed(() => {
  const said = priceInLine(row.value.text, session.currency, reading.value ?? undefined);
  return said ? showPrice(said, session.currency) : "";
});
const isAdding = ref(false);
const named = computed({
  get: () => row.value.ingredient ?? "",
  set: (id: string) => {
    if (id !== "") choose(id);
  },
});
const field = useTemplateRef<{ focus: () => void }>("field");
defineExpose({ focus: () => field.value?.focus() });
</script>

<template>
  <li ref="item" class="row" :class="{ open: question || problem }">
    <div class="what">
      <p>
        <TextBox
          v-if="isWriting"
          :id="`text-${row.id}`"
          v-model="written"
          :aria-label="`Write “${row.text}” again`"
          autofocus
          @blur="retype"
          @keydown.enter.prevent="retype"
        />
        <button
          v-else-if="row.text"
          type="button"
          class="typed"
          data-testid="edit-row"
          :aria-label="`Change “${row.text}”`"
          @click="write"
        >
          {{ row.text }}
        </button>
        <span v-if="chosen && (read || !row.text)" :class="{ soft: row.text !== '' }" class="name small">
          {{ read }} {{ nameFor(chosen) }}</span
        >
      </p>
      <p v-if="note && row.amount === null" class="small" :class="question || problem ? 'ask' : 'figure'">
        {{ note }} <span v-if="price" class="soft">· {{ price }}</span>
      </p>
      <QuickPicks
        v-if="candidates.length > 0"
        :label="`Which: ${row.text}`"
        :choices="candidates.map((value) => ({ value, label: nameFor(value) }))"
        @picked="choose"
      />
      <template v-if="question?.code === 'ingredient-unknown'">
        <IngredientField :id="`name-${row.id}`" v-model="named" label="Which ingredient?" :usual="[]" />
        <Button
          label="Not in the list"
          data-testid="add-own"
          size="small"
          severity="secondary"
          @click="isAdding = true"
        />
        <NewIngredientDialog v-model:open="isAdding" :suggested="reading?.name ?? ''" @added="choose" />
      </template>
      <OunceQuestion v-if="question?.code === 'ounce-mass-or-fluid' && chosen" :ingredient="chosen" />
    </div>
    <WeightField
      v-if="row.amount !== null"
      :id="`row-${row.id}`"
      ref="field"
      v-model="row.amount"
      :label="`Weight of ${chosen ? nameFor(chosen) : 'it'}`"
      :source="weights"
      :problem="problem"
      :hint="note || undefined"
      quiet
    />
    <button
      type="button"
      class="drop"
      :aria-label="`Remove ${row.text || nameFor(chosen ?? '')}`"
      data-testid="remove-row"
      @click="emit('dropped')"
    >
      <X :size="18" aria-hidden="true" />
    </button>
    <PiecesQuestion v-if="weighed.bare" class="below" :bare="weighed.bare" @answered="row.amount = $event" />
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: 0.3rem 0.5rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}

.row :deep(.field) {
  width: 11rem;
}

.below {
  grid-column: 1 / -1;
}

.open {
  border-inline-start: 4px solid var(--soon);
  padding-inline-start: 0.5rem;
}

.typed {
  min-height: 32px;
  padding: 0;
  font: inherit;
  font-weight: 550;
  color: inherit;
  text-align: start;
  text-decoration: underline dotted var(--line);
  text-underline-offset: 0.2em;
  background: none;
  border: 0;
  cursor: text;
}

.ask {
  color: var(--soon);
  font-weight: 600;
}

.drop {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  color: var(--soft-ink);
  background: none;
  border: 0;
  cursor: pointer;
}

@media (max-width: 520px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .row :deep(.field) {
    grid-column: 1;
    width: auto;
  }
}
</style>
