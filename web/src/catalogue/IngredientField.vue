<script setup lang="ts">
import type { IngredientSummary } from "@apron/contract";
import { namedExactly, nameOf, searchNames } from "@apron/core/catalogue";
import AutoComplete from "primevue/autocomplete";
import { computed, nextTick, ref, useTemplateRef, watch } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";

const props = defineProps<{
  id: string;
  usual: readonly string[];
  problem?: string | undefined;
  label?: string;
}>();
const chosen = defineModel<string>({ required: true });
const emit = defineEmits<{ chosen: [] }>();

const session = useSession();
const { data: ingredients } = useIngredients();
const typed = ref<IngredientSummary | string>("");
const suggestions = ref<IngredientSummary[]>([]);
const shown = 8;

const nameShown = (one: IngredientSummary | string): string =>
  typeof one === "string" ? one : nameOf(one, session.dialect);
const otherName = (one: IngredientSummary): string =>
  [nameOf(one, session.dialect === "uk" ? "us" : "uk"), ...one.other]
    .filter((name) => name !== nameShown(one))
    .slice(0, 2)
    .join(", ");

/** What was typed before the list of ingredients had arrived: it is searched for as soon as it has. */
const unanswered = ref("");
function search({ query }: { query: string }): void {
  unanswered.value = ingredients.value ? "" : query;
  if (ingredients.value)
    suggestions.value = searchNames(query, ingredients.value, props.usual).slice(0, shown);
}
function take(one: IngredientSummary): void {
  chosen.value = one.id;
  emit("chosen");
}
/** A name written out in full is as good as one chosen from the list. */
const idOf = (now: IngredientSummary | string): string =>
  typeof now === "string" ? (namedExactly(now, ingredients.value ?? [])?.id ?? "") : now.id;
watch(typed, (now) => {
  if (typeof now === "string") chosen.value = idOf(now);
});
/** Enter before the list of ingredients has arrived is remembered until it has: nothing typed is lost. */
const wantsFirst = ref(false);
function takeFirst(): void {
  if (!wantsFirst.value) return;
  if (typeof typed.value !== "string" || typed.value.trim() === "") {
    wantsFirst.value = false;
    return;
  }
  const known = ingredients.value;
  if (!known) return;
  wantsFirst.value = false;
  const first = namedExactly(typed.value, known) ?? searchNames(typed.value, known, props.usual)[0];
  if (!first) return;
  typed.value = first;
  take(first);
}
/** Enter takes the first suggestion even before the list has lit it up; a name in full needs no list. */
function onEnter(): void {
  wantsFirst.value = true;
  void nextTick(takeFirst);
}
const waiting = computed(() => (wantsFirst.value ? "Looking it up…" : undefined));
function showChosen(): void {
  const found = ingredients.value?.find((one) => one.id === chosen.value);
  if (found) typed.value = found;
  else if (chosen.value === "") typed.value = "";
}
// The form sets or clears the choice from outside: a chip, a draft, a fresh start.
watch(
  chosen,
  (now) => {
    if (now !== idOf(typed.value)) showChosen();
  },
  { immediate: true },
);
// A name typed in full before the list has arrived is chosen when it has; it is never cleared by that.
function onListArrived(): void {
  takeFirst();
  if (unanswered.value !== "") search({ query: unanswered.value });
  if (chosen.value === "" && typed.value !== "") chosen.value = idOf(typed.value);
  else if (chosen.value !== idOf(typed.value)) showChosen();
}
watch(ingredients, onListArrived);
const field = useTemplateRef<{ $el: HTMLElement }>("field");
const describedBy = computed(() => (props.problem ? `${props.id}-problem` : undefined));
defineExpose({ focus: () => field.value?.$el.querySelector("input")?.focus() });
</script>

<template>
  <FieldFrame :label="label ?? 'Ingredient'" :for="id" :problem="problem" :hint="waiting">
    <div @keydown.enter="onEnter">
      <AutoComplete
        ref="field"
        v-model="typed"
        :input-id="id"
        :suggestions="suggestions"
        :option-label="nameShown"
        :delay="60"
        auto-option-focus
        :show-empty-message="false"
        fluid
        placeholder="Any name: rocket, arugula…"
        :invalid="problem !== undefined"
        :pt="{ pcInputText: { root: { 'aria-describedby': describedBy } } }"
        @complete="search"
        @option-select="take($event.value)"
      >
        <template #option="{ option }">
          <span class="name">{{ nameShown(option) }}</span>
          <span v-if="otherName(option)" class="other">{{ otherName(option) }}</span>
        </template>
      </AutoComplete>
    </div>
  </FieldFrame>
</template>

<style scoped>
.name {
  font-weight: 600;
}

.other {
  margin-inline-start: 0.6rem;
  font-size: 0.85rem;
  opacity: 0.85;
}
</style>
