<script setup lang="ts">
import type { Lot, LogLot } from "@apron/contract";
import { nameOf } from "@apron/core/catalogue";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, nextTick, onMounted, ref, useTemplateRef, watch } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useIngredients } from "../app/queries.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { useWeightSource } from "../app/use-weight-source.ts";
import { showDay } from "../ui/dates.ts";
import { readMoney } from "../ui/money.ts";
import CautionList from "../ui/CautionList.vue";
import WeightField from "../ui/WeightField.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import IngredientField from "./IngredientField.vue";
import { emptyDraft, labelOf, unreadInLabel, useLotDraft } from "./lot-draft.ts";
import LotDetailsFields from "./LotDetailsFields.vue";
import OunceQuestion from "./OunceQuestion.vue";
import { useAmountReading, useIngredientDetail } from "./use-amount-reading.ts";

const props = defineProps<{ usual: readonly string[]; detailsOpen: boolean }>();
const notices = useNotices();
const session = useSession();
const weights = useWeightSource();
const { data: ingredients } = useIngredients();
const draft = useLotDraft();
const lotId = ref(crypto.randomUUID());
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
];
const { pending, submit, sentenceAt, sentence, forget, refuse } = useSubmit<Lot>(atFields);
const priceProblem = ref<string>();

const ingredientField = useTemplateRef<{ focus: () => void }>("ingredient");
const amountField = useTemplateRef<{ focus: () => void }>("amount");
/** Said before it is logged: by then it may be on the plate. */
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
const chips = computed(() =>
  props.usual.slice(0, 6).flatMap((id) => ingredients.value?.find((one) => one.id === id) ?? []),
);

watch(
  () => draft.value.ingredient,
  (id) => {
    const found = ingredients.value?.find((one) => one.id === id);
    if (found) draft.value.place = found.bestPlace;
  },
);
/** The list of names takes the focus back as it closes, so the weight field must ask for it a moment later. */
const toAmount = (): void => void nextTick(() => setTimeout(() => amountField.value?.focus(), 0));
function choose(id: string): void {
  draft.value.ingredient = id;
  toAmount();
}
onMounted(() => ingredientField.value?.focus());

function bodyOf(minor: number | null): LogLot {
  const { ingredient, amount, place, since, grade, sourceKind, sourceNote, bestBefore, pricePer } =
    draft.value;
  const source = { kind: sourceKind, note: sourceNote };
  return {
    id: lotId.value,
    ingredient,
    amount,
    place,
    since,
    source,
    grade,
    priceMinor: null,
    price: minor === null ? null : { minor, per: pricePer },
    bestBefore: bestBefore || null,
    note: "",
    bedId: sourceKind === "own-bed" ? draft.value.bedId : null,
    label: sourceKind === "shop" ? labelOf(draft.value.label) : null,
  };
}

async function log(): Promise<void> {
  const price = draft.value.price.trim() === "" ? null : readMoney(draft.value.price);
  priceProblem.value = price === undefined ? "Write the price as 2.40." : undefined;
  if (price === undefined) return;
  const unread = draft.value.sourceKind === "shop" ? unreadInLabel(draft.value.label) : undefined;
  if (unread) {
    refuse("wrong-type", unread);
    return;
  }
  const lot = await submit((key) => call("logLot", { body: bodyOf(price) }, key));
  if (!lot) return;
  notices.say({
    text: `${showGrams(lot.grams, session.display)} ${lot.name} logged; best used by ${showDay(lot.freshness.spoilsOn)}.`,
    undo: () =>
      call("correctLot", { params: { id: lot.id }, body: { deltaG: -lot.grams, reason: "entry undone" } }),
  });
  draft.value = { ...emptyDraft(draft.value.sourceKind), bedId: draft.value.bedId };
  lotId.value = crypto.randomUUID();
  ingredientField.value?.focus();
}
</script>

<template>
  <form class="log" novalidate aria-label="Weigh something in" @submit.prevent="log" @input="forget">
    <IngredientField
      id="lot-ingredient"
      ref="ingredient"
      v-model="draft.ingredient"
      :usual="usual"
      :problem="sentenceAt('ingredient')"
      @chosen="toAmount"
    />
    <ul v-if="chips.length > 0" class="chips" aria-label="Logged most">
      <li v-for="one in chips" :key="one.id">
        <button type="button" :class="{ on: draft.ingredient === one.id }" @click="choose(one.id)">
          {{ nameOf(one, session.dialect) }}
        </button>
      </li>
    </ul>
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
    <OunceQuestion v-if="reading.asksOunces" :ingredient="draft.ingredient" @said="toAmount" />
    <WorkingsNote v-if="reading.weight && !reading.weight.weighed" :text="reading.weight.workings" />
    <CautionList v-if="foraging.length > 0" :cautions="foraging" />
    <details :open="detailsOpen">
      <summary>Where from, where kept, price</summary>
      <LotDetailsFields
        v-model="draft"
        id-prefix="lot"
        :sentence-at="sentenceAt"
        :price-problem="priceProblem"
      />
    </details>
    <p v-if="sentence" class="wrong" role="alert">{{ sentence }}</p>
    <Button type="submit" label="Log it" :loading="pending" />
  </form>
</template>

<style scoped>
.log {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}

.chips button {
  min-height: 36px;
  padding: 0 0.7rem;
  font: inherit;
  font-size: 0.875rem;
  color: var(--ink);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

.chips .on {
  border-color: var(--action);
  background: var(--action-wash);
}

@media (pointer: coarse) {
  .chips button {
    min-height: 44px;
  }
}

summary {
  padding: 0.3rem 0;
  font-weight: 600;
  color: var(--action);
  cursor: pointer;
}

.wrong {
  color: var(--now);
  font-weight: 600;
}
</style>
