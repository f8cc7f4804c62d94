<script setup lang="ts">
import Button from "primevue/button";
import { computed } from "vue";
import { nameOrId } from "../catalogue/name-or-id.ts";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import AnswerList from "./AnswerList.vue";

/** What names mean here that could mean several foods; each can be forgotten, and is asked again then. */
const session = useSession();
const { data: ingredients } = useIngredients();
const meanings = computed(() =>
  Object.entries(session.meanings).map(([name, id]) => {
    const found = ingredients.value?.find((one) => one.id === id);
    return { name, means: nameOrId(found, id, session.dialect) };
  }),
);
const { submit, sentence } = useSubmit();
async function forget(name: string): Promise<void> {
  const changed = await submit("setNameMeaning", { body: { name, ingredient: null } }, name);
  if (changed) session.opened(changed);
}
</script>

<template>
  <AnswerList
    id="kitchen-meanings"
    title="What names mean"
    data-testid="meanings"
    :answers="meanings.length"
    when-none="When a name could mean several foods, you are asked once. The answer appears here."
    :problem="sentence"
  >
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
  </AnswerList>
</template>
