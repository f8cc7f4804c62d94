<script setup lang="ts">
import type { IngredientDetail, RequestOf } from "@apron/contract";
import Button from "primevue/button";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useForgetFigures, useIngredients } from "../app/queries.ts";
import { useSubmit } from "../app/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";

/** An ingredient of the kitchen's own. Its figures are set on its page. */
const props = defineProps<{ suggested: string }>();
const router = useRouter();
const forget = useForgetFigures();
const { data: ingredients } = useIngredients();
const name = ref("");
const other = ref("");
const category = ref("other");
const raw = ref<NonNullable<RequestOf<"addIngredient">["body"]["raw"]>>("care");
const allergens = ref("");
const diet = ref<"vegan" | "vegetarian" | "neither">("vegan");
const raws = [
  { value: "yes", label: "Yes" },
  { value: "care", label: "With care" },
  { value: "no", label: "Never" },
] as const;
const diets = [
  { value: "vegan", label: "Vegan" },
  { value: "vegetarian", label: "Vegetarian" },
  { value: "neither", label: "Neither" },
] as const;
const categories = computed(() =>
  [...new Set((ingredients.value ?? []).map((one) => one.category))]
    .sort((a, b) => a.localeCompare(b))
    .map((value) => ({ value, label: value.replaceAll("-", " ") })),
);
watch(
  () => props.suggested,
  (searched) => (name.value = searched),
);
const submission = useSubmit<IngredientDetail>(["name", "other", "allergens", "category"]);
const list = (text: string): string[] =>
  text
    .split(/[,;]/)
    .map((one) => one.trim())
    .filter((one) => one !== "");
async function add(): Promise<void> {
  const body = {
    name: name.value,
    other: list(other.value),
    category: category.value,
    raw: raw.value,
    allergens: list(allergens.value.toLowerCase()),
    diet:
      diet.value === "vegan"
        ? ["vegan" as const, "vegetarian" as const]
        : diet.value === "neither"
          ? []
          : [diet.value],
  };
  const added = await submission.submit((key) => call("addIngredient", { body }, key));
  if (!added) return;
  await forget();
  await router.push(`/handbook/${added.id}`);
}
</script>

<template>
  <form class="card" novalidate aria-labelledby="add-own" @submit.prevent="add" @input="submission.forget">
    <h2 id="add-own">One of your own</h2>
    <FieldFrame label="Name" for="own-name" :problem="submission.sentenceAt('name')">
      <TextBox id="own-name" v-model="name" maxlength="60" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Other names" for="own-other" :problem="submission.sentenceAt('other')">
      <TextBox id="own-other" v-model="other" placeholder="with commas" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Kind" for="own-kind" :problem="submission.sentenceAt('category')">
      <SelectBox id="own-kind" v-model="category" :choices="categories" name="Kind of ingredient" />
    </FieldFrame>
    <div>
      <p class="label">Raw?</p>
      <ChoiceButtons v-model="raw" label="May it be eaten raw" :choices="raws" />
    </div>
    <div>
      <p class="label">Diet</p>
      <ChoiceButtons v-model="diet" label="Diet" :choices="diets" />
    </div>
    <FieldFrame label="Allergens" for="own-allergens" :problem="submission.sentenceAt('allergens')">
      <TextBox id="own-allergens" v-model="allergens" placeholder="none" autocomplete="off" />
    </FieldFrame>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Add it" :loading="submission.pending.value" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

form :deep(.p-inputtext),
form :deep(.p-select) {
  width: 100%;
}

form :deep(.choices button) {
  padding: 0 0.7rem;
}

.label {
  margin-bottom: 0.25rem;
  font-size: 0.875rem;
  font-weight: 600;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}
</style>
