<script setup lang="ts">
import { computed } from "vue";
import { nameOrId } from "../catalogue/name-or-id.ts";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import AnswerList from "./AnswerList.vue";

/** What "oz" means here, of each thing it was asked for; saved as it is chosen. */
const session = useSession();
const { data: ingredients } = useIngredients();
const ounces = computed(() =>
  Object.entries(session.ounces).map(([id, means]) => {
    const found = ingredients.value?.find((one) => one.id === id);
    return { id, means, name: nameOrId(found, id, session.dialect) };
  }),
);
const meanings = [
  { value: "mass", label: "by weight" },
  { value: "fluid", label: "fluid" },
] as const;
const submission = useSubmit();
async function set(ingredient: string, means: "mass" | "fluid"): Promise<void> {
  const body = { ingredient, means };
  const changed = await submission.submit("setOunceMeaning", { body }, "What “oz” means");
  if (changed) session.opened(changed);
}
</script>

<template>
  <AnswerList
    id="kitchen-ounces"
    title="What “oz” means"
    :answers="ounces.length"
    when-none="When a liquid or paste is entered in ounces, you are asked once. The answer appears here."
    :problem="submission.sentence.value"
  >
    <li v-for="one in ounces" :key="one.id">
      <span>{{ one.name }}</span>
      <ChoiceButtons
        :model-value="one.means"
        :label="`Ounces of ${one.name}`"
        :choices="meanings"
        @update:model-value="set(one.id, $event)"
      />
    </li>
  </AnswerList>
</template>
