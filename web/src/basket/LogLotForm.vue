<script setup lang="ts">
import type { LogLot } from "@apron/contract";
import { nameOf } from "@apron/core/catalogue";
import { cookedBy } from "@apron/core/forms";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import OunceQuestion from "../catalogue/OunceQuestion.vue";
import PiecesQuestion from "../catalogue/PiecesQuestion.vue";
import { piecesOrGrams, useAmountReading, useIngredientDetail } from "../catalogue/use-amount-reading.ts";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import CautionList from "../ui/CautionList.vue";
import { showDay } from "../ui/dates.ts";
import FoldOut from "../ui/FoldOut.vue";
import InTurn from "../ui/InTurn.vue";
import { readMoney } from "../ui/money.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import QuickPicks from "../ui/QuickPicks.vue";
import WeightField from "../ui/WeightField.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import { emptyDraft, labelOf, unreadInLabel, useLotDraft } from "./lot-draft.ts";
import LotDetailsFields from "./LotDetailsFields.vue";

const props = defineProps<{ usual: readonly string[]; detailsOpen: boolean }>();
const notices = useNotices();
const session = useSession();
const weights = useWeightSource();
const { data: ingredients } = useIngredients();
const { draft } = useLotDraft();
const atFields = [
  "ingredient",
  "amount",
  "source",
  "place",
  "since",
  "price",
  "bestBefore",
  "bedId",
  "label",
  "method",
];
/** Ready for the next thing from the same place. */
const startAfresh = (): void => {
  draft.value = { ...emptyDraft(draft.value.sourceKind), bedId: draft.value.bedId };
};
const { pending, submit, sentenceAt, sentence, forget, refuse } = useSubmit(atFields, {
  recorded: startAfresh,
  renew: () => (draft.value.id = newId()),
});
const priceProblem = ref<string>();

const ingredientField = useTemplateRef<{ focus: () => void }>("ingredient");
const amountField = useTemplateRef<{ focus: () => void }>("amount");
/** Shown before it is logged: by then it may be on the plate. */
const { data: detail } = useIngredientDetail(() => draft.value.ingredient);
const foraging = computed(() =>
  draft.value.sourceKind === "foraged" && detail.value?.id === draft.value.ingredient
    ? detail.value.foraging
    : [],
);
const reading = useAmountReading(
  () => draft.value.ingredient,
  () => draft.value.amount,
);
const found = (id: string) => ingredients.value?.find((one) => one.id === id);
const nameFor = (id: string): string => {
  const facts = found(id);
  return facts ? nameOf(facts, session.dialect) : id;
};
const picks = computed(() =>
  props.usual
    .slice(0, 6)
    .filter(found)
    .map((value) => ({ value, label: nameFor(value) })),
);

watch(
  () => draft.value.ingredient,
  (id, before) => {
    const facts = found(id);
    // A draft that comes back after a reload keeps the place that was chosen.
    if (facts && before !== undefined) Object.assign(draft.value, { place: facts.bestPlace, method: null });
  },
);
/** "2 cups cooked": what was typed says already that it is cooked. */
watch(
  () => reading.value.weight?.form,
  (form) => {
    if (form === "cooked" && draft.value.method === null && detail.value)
      draft.value.method = cookedBy(detail.value, draft.value.amount)?.method ?? null;
  },
);
/** The list of names takes the focus back as it closes, so the weight field must ask for it a moment later. */
const toAmount = (): void => void nextTick(() => setTimeout(() => amountField.value?.focus(), 0));
function sayInFull(amount: string): void {
  draft.value.amount = amount;
  forget();
  toAmount();
}
function choose(id: string): void {
  draft.value.ingredient = id;
  toAmount();
}
onMounted(() => ingredientField.value?.focus());

function bodyOf(minor: number | null): LogLot {
  const { id, ingredient, amount, place, since, grade, sourceKind, sourceNote, bestBefore, pricePer } =
    draft.value;
  return {
    ...{ id, ingredient, amount, place, since, grade },
    source: { kind: sourceKind, note: sourceNote },
    priceMinor: null,
    price: minor === null ? null : { minor, per: pricePer },
    bestBefore: bestBefore || null,
    method: draft.value.method,
    note: "",
    bedId: sourceKind === "own-bed" ? draft.value.bedId : null,
    label: sourceKind === "shop" ? labelOf(draft.value.label) : null,
  };
}

async function log(): Promise<void> {
  // Said at once: while the server is asked, the key that follows the scale's would be lost.
  if (draft.value.ingredient !== "" && draft.value.amount.trim() === "")
    return refuse("amount-empty", "amount");
  if (reading.value.bare) return refuse("pieces-or-grams", "amount", piecesOrGrams(reading.value.bare));
  const price = draft.value.price.trim() === "" ? null : readMoney(draft.value.price);
  priceProblem.value = price === undefined ? "Enter a price like 2.40." : undefined;
  if (price === undefined) return;
  const unread = draft.value.sourceKind === "shop" ? unreadInLabel(draft.value.label) : undefined;
  if (unread) return refuse("wrong-type", unread);
  const label = `${draft.value.amount} ${nameFor(draft.value.ingredient)}`;
  const lot = await submit("logLot", { body: bodyOf(price) }, label);
  if (!lot) return;
  notices.say({
    text: `Logged ${showGrams(lot.grams, session.display)} ${lot.name}. Best used by ${showDay(lot.freshness.spoilsOn)}.`,
    undo: {
      name: "correctLot",
      request: { params: { id: lot.id }, body: { deltaG: -lot.grams, reason: "entry undone" } },
    },
  });
  startAfresh();
  ingredientField.value?.focus();
}
</script>

<template>
  <form class="log" novalidate aria-label="Log an item" @submit.prevent="log" @input="forget">
    <IngredientField
      id="lot-ingredient"
      ref="ingredient"
      v-model="draft.ingredient"
      :usual="usual"
      :problem="sentenceAt('ingredient')"
      @chosen="toAmount"
    />
    <QuickPicks
      label="Logged most"
      data-testid="usual-items"
      :choices="picks"
      :chosen="draft.ingredient"
      @picked="choose"
    />
    <WeightField
      id="lot-amount"
      ref="amount"
      v-model="draft.amount"
      label="Weight or measure"
      placeholder="430 or 2 bunches"
      :source="weights"
      :problem="sentenceAt('amount')"
      :hint="reading.words || undefined"
    />
    <PiecesQuestion v-if="reading.bare" :bare="reading.bare" @answered="sayInFull" />
    <OunceQuestion v-if="reading.asksOunces" :ingredient="draft.ingredient" @answered="toAmount" />
    <WorkingsNote v-if="reading.weight && !reading.weight.weighed" :text="reading.weight.workings" />
    <CautionList v-if="foraging.length > 0" :cautions="foraging" />
    <FoldOut title="Source, storage, price" :open="detailsOpen">
      <InTurn>
        <LotDetailsFields
          v-model="draft"
          id-prefix="lot"
          :sentence-at="sentenceAt"
          :price-problem="priceProblem"
        />
      </InTurn>
    </FoldOut>
    <ProblemNote :text="sentence" />
    <Button type="submit" label="Log" :loading="pending" data-testid="log-lot" />
  </form>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}
</style>
