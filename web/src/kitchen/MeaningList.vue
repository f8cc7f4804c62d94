<script setup lang="ts">
import { nameOf } from "@apron/core/catalogue";
import Button from "primevue/button";
import { computed } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import ProblemNote from "../ui/ProblemNote.vue";

/** What names mean here that could mean several foods; each can be forgotten, and is asked again then. */
const session = useSession();
const { data: ingredients } = useIngredients();
const meanings = computed(() =>
  Object.entries(session.meanings).map(([name, id]) => {
    const found = ingredients.value?.find((one) => one.id === id);
    return { name, means: found ? nameOf(found, session.dialect) : id.replaceAll("-", " ") };
  }),
);
const { submit, sentence } = useSubmit();
async function forget(name: string): Promise<void> {
  const changed = await submit("setNameMeaning", { body: { name, ingredient: null } }, name);
  if (changed) session.opened(changed);
}
</script>

<template>
  <section class="card" aria-labelledby="kitchen-meanings" data-testid="meanings">
    <h2 id="kitchen-meanings">What names mean</h2>
    <p v-if="meanings.length === 0" class="soft">
      When a name could mean several foods, you are asked once. The answer appears here.
    </p>
    <ul>
      <li v-for="one in meanings" :key="one.name">
        <span
          >“{{ one.name }}” is <b>{{ one.means }}</b></span
        >
        <Button
          label="Forget"
          size="small"
          variant="text"
          :aria-label="`Forget what “${one.name}” means`"
          @click="forget(one.name)"
        />
      </li>
    </ul>
    <ProblemNote :text="sentence" />
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
