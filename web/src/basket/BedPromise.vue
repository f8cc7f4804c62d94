<script setup lang="ts">
import type { Bed } from "@apron/contract";
import { addDays, parseAmount } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useSubmit } from "../app/use-submit.ts";
import { todayIso } from "../ui/dates.ts";
import TextBox from "../ui/TextBox.vue";

/** The cook knows better than the record: when a bed gives again, and how much. */
const props = defineProps<{ bed: Bed }>();
const open = ref(false);
const days = ref("3");
const amount = ref("600 g");
const { pending, submit, sentence, problem, refuse } = useSubmit<Bed>(["said.grams"]);

async function say(): Promise<void> {
  const inDays = Number(days.value);
  const read = parseAmount(amount.value, "metric");
  if (!Number.isInteger(inDays) || inDays < 0 || inDays > 200)
    return void refuse("amount-not-understood", "days", { text: days.value });
  if (!read.ok || read.value.amount.kind !== "mass")
    return void refuse("amount-not-understood", "amount", { text: amount.value });
  const forecast = { on: addDays(todayIso(), inDays), grams: read.value.amount.grams };
  const done = await submit((key) =>
    call("changeBed", { params: { id: props.bed.id }, body: { forecast } }, key),
  );
  if (done) open.value = false;
}
</script>

<template>
  <button
    v-if="!open"
    type="button"
    class="link"
    :aria-label="`Say what ${bed.name} gives next`"
    @click="open = true"
  >
    say what comes next
  </button>
  <form v-else novalidate :aria-label="`What ${bed.name} gives next`" @submit.prevent="say">
    in
    <TextBox v-model="days" class="figure days" size="small" inputmode="numeric" aria-label="Days from now" />
    days, about
    <TextBox v-model="amount" class="figure" size="small" aria-label="How much" />
    <Button type="submit" label="Say so" size="small" :loading="pending" />
    <p v-if="problem" role="alert" class="wrong">{{ sentence }}</p>
  </form>
</template>

<style scoped>
.link {
  min-height: 32px;
  padding: 0;
  font: inherit;
  font-size: 0.875rem;
  color: var(--action);
  text-decoration: underline;
  background: none;
  border: 0;
  cursor: pointer;
}

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

.wrong {
  width: 100%;
  color: var(--now);
  font-weight: 600;
}
</style>
