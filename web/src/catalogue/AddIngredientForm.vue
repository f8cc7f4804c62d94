<script setup lang="ts">
import { AddIngredient, type RequestOf } from "@apron/contract";
import { categories } from "@apron/core/catalogue";
import { Form, type FormSubmitEvent } from "@primevue/forms";
import Button from "primevue/button";
import MultiSelect from "primevue/multiselect";
import { watch } from "vue";
import { useRouter } from "vue-router";
import { fieldSentence, resolverFor } from "../client/form-resolver.ts";
import { useForgetFigures } from "../client/queries.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import { listed } from "../ui/listed.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { allergenChoices } from "./allergen-words.ts";
import { keepsLikeChoices, traitChoices } from "./trait-words.ts";

/** An ingredient of the kitchen's own. Its figures are set on its page. */
const props = defineProps<{ suggested: string; inPlace?: boolean }>();
const emit = defineEmits<{ added: [id: string] }>();
const router = useRouter();
const forget = useForgetFigures();
type Body = Required<RequestOf<"addIngredient">["body"]>;
type Draft = Pick<Body, "name" | "category" | "raw" | "allergens" | "traits" | "keepsAs"> & {
  other: string;
  diet: "vegan" | "vegetarian" | "neither";
};
const { draft, clear } = useDraft<Draft>("ingredient", () => ({
  ...{ name: "", other: "", category: "other", raw: "care", allergens: [], traits: [], diet: "vegan" },
  keepsAs: null,
}));
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
const spoken = (value: string): string => value.replaceAll("-", " ");
const kinds = [...categories].sort().map((value) => ({ value, label: spoken(value) }));
watch(
  () => props.suggested,
  (searched) => (draft.value.name = searched),
  { immediate: props.inPlace },
);
const submission = useSubmit(["name", "other", "allergens", "category"], { recorded: clear });
const resolver = resolverFor(AddIngredient.pick({ name: true }));

async function add({ valid }: FormSubmitEvent): Promise<void> {
  if (!valid) return;
  const { diet, other, ...rest } = draft.value;
  const diets: Body["diet"] =
    diet === "vegan" ? ["vegan", "vegetarian"] : diet === "vegetarian" ? ["vegetarian"] : [];
  const body = { ...rest, other: listed(other), diet: diets };
  const added = await submission.submit("addIngredient", { body }, draft.value.name);
  if (!added) return;
  clear();
  await forget();
  emit("added", added.id);
  if (!props.inPlace) await router.push(`/handbook/${added.id}`);
}
/** The form part passes on what its own types leave out. */
const formAttributes = { novalidate: true, onInput: submission.forget };
</script>

<template>
  <Form
    v-slot="$form"
    class="card form"
    aria-labelledby="add-own"
    data-testid="own-ingredient"
    v-bind="formAttributes"
    :resolver="resolver"
    :initial-values="{ name: draft.name }"
    @submit="add"
  >
    <h2 id="add-own">Add your own ingredient</h2>
    <FieldFrame
      label="Name"
      for="own-name"
      :problem="fieldSentence($form['name']) ?? submission.sentenceAt('name')"
    >
      <TextBox id="own-name" v-model="draft.name" name="name" maxlength="60" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Other names" for="own-other" :problem="submission.sentenceAt('other')">
      <TextBox id="own-other" v-model="draft.other" placeholder="separated by commas" autocomplete="off" />
    </FieldFrame>
    <SelectField
      id="own-kind"
      v-model="draft.category"
      label="Kind"
      :choices="kinds"
      name="Kind of ingredient"
      :problem="submission.sentenceAt('category')"
    />
    <div>
      <p class="label">Can it be eaten raw?</p>
      <ChoiceButtons v-model="draft.raw" label="Can it be eaten raw" :choices="raws" />
    </div>
    <div>
      <p class="label">Diet</p>
      <ChoiceButtons v-model="draft.diet" label="Diet" :choices="diets" />
    </div>
    <FieldFrame label="Allergens" for="own-allergens" :problem="submission.sentenceAt('allergens')">
      <MultiSelect
        v-model="draft.allergens"
        input-id="own-allergens"
        :options="allergenChoices"
        option-label="label"
        option-value="value"
        placeholder="none"
        aria-label="Allergens"
        fluid
      />
    </FieldFrame>
    <FieldFrame label="Treat it like" for="own-traits" hint="Which rules for storage and use apply to it.">
      <MultiSelect
        v-model="draft.traits"
        input-id="own-traits"
        :options="traitChoices"
        option-label="label"
        option-value="value"
        placeholder="nothing special"
        aria-label="Treat it like"
        fluid
      />
    </FieldFrame>
    <SelectField
      id="own-keeps"
      v-model="draft.keepsAs"
      label="Keeps like"
      :choices="keepsLikeChoices"
      name="Keeps like"
    />
    <ProblemNote :text="submission.sentence.value" />
    <Button type="submit" label="Add" :loading="submission.pending.value" data-testid="add-ingredient" />
  </Form>
</template>

<style scoped>
.form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

.form :deep(.p-inputtext),
.form :deep(.p-select) {
  width: 100%;
}

.label {
  margin-bottom: 0.25rem;
  font-size: 0.875rem;
  font-weight: 600;
}
</style>
