<script setup lang="ts">
import { nameOf } from "@apron/core/catalogue";
import { computed } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import ProblemNote from "../ui/ProblemNote.vue";

/** What "oz" means here, of each thing it was asked for; saved as it is chosen. */
const session = useSession();
const { data: ingredients } = useIngredients();
const ounces = computed(() =>
  Object.entries(session.ounces).map(([id, means]) => {
    const found = ingredients.value?.find((one) => one.id === id);
    return { id, means, name: found ? nameOf(found, session.dialect) : id };
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
  <section class="card" aria-labelledby="kitchen-ounces">
    <h2 id="kitchen-ounces">What “oz” means</h2>
    <p v-if="ounces.length === 0" class="soft">
      When a liquid or paste is entered in ounces, you are asked once. The answer appears here.
    </p>
    <ul>
      <li v-for="one in ounces" :key="one.id">
        <span class="name">{{ one.name }}</span>
        <ChoiceButtons
          :model-value="one.means"
          :label="`Ounces of ${one.name}`"
          :choices="meanings"
          @update:model-value="set(one.id, $event)"
        />
      </li>
    </ul>
    <ProblemNote :text="submission.sentence.value" />
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.7rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.4rem 1rem;
  align-items: center;
}
</style>
