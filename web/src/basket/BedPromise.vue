<script setup lang="ts">
import type { Bed } from "@apron/contract";
import { addDays } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import { todayIso } from "../ui/dates.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";

/** The cook knows better than the record: when a bed gives again, and how much. */
const props = defineProps<{ bed: Bed }>();
const open = ref(false);
const { draft, clear } = useDraft(`forecast:${props.bed.id}`, () => ({ days: "3", amount: "600 g" }));
const { pending, submit, sentence, refuse } = useSubmit();

async function save(): Promise<void> {
  const inDays = Number(draft.value.days);
  if (!Number.isInteger(inDays) || inDays < 0 || inDays > 200)
    return refuse("amount-not-understood", "days", { text: draft.value.days });
  const grams = typedGrams(draft.value.amount);
  if (grams === undefined) return refuse("amount-not-understood", "amount", { text: draft.value.amount });
  const forecast = { on: addDays(todayIso(), inDays), grams };
  const request = { params: { id: props.bed.id }, body: { forecast } };
  if (!(await submit("changeBed", request, `${props.bed.name}: forecast`))) return;
  clear();
  open.value = false;
}
</script>

<template>
  <Button
    v-if="!open"
    label="Set a forecast"
    data-testid="set-forecast"
    size="small"
    variant="text"
    :aria-label="`Set a forecast for ${bed.name}`"
    @click="open = true"
  />
  <form v-else novalidate :aria-label="`Forecast for ${bed.name}`" @submit.prevent="save">
    in
    <TextBox
      v-model="draft.days"
      class="figure days"
      size="small"
      inputmode="numeric"
      aria-label="Days from now"
      data-testid="forecast-days"
    />
    days, about
    <TextBox
      v-model="draft.amount"
      class="figure"
      size="small"
      aria-label="Amount"
      data-testid="forecast-amount"
    />
    <Button type="submit" label="Save" data-testid="save-forecast" size="small" :loading="pending" />
    <Button label="Cancel" size="small" severity="secondary" @click="open = false" />
    <ProblemNote :text="sentence" />
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
  align-items: center;
}

form :deep(.p-inputtext) {
  width: 5.5rem;
}

form :deep(.days) {
  width: 3.4rem;
}
</style>
