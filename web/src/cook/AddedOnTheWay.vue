<script setup lang="ts">
import { foldRun, type Addition } from "@apron/core/cook";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { ingredientName } from "./cook-words.ts";
import { withAdditions, type PartDraft } from "./make-draft.ts";
import { inCore, useCookAlongQuery } from "./use-cook-along.ts";

/** What was added to this dish while it was cooked, to be counted as used in one tap. */
const props = defineProps<{ planId: string; dish: string; parts: readonly PartDraft[] }>();
const emit = defineEmits<{
  counted: [texts: Record<string, string>, unlisted: ReadonlyMap<string, number>];
}>();
const session = useSession();
const { data: ingredients } = useIngredients();
const { data } = useCookAlongQuery(() => props.planId);
const additions = computed(() =>
  foldRun([], (data.value?.events ?? []).map(inCore)).additions.filter(({ dish }) => dish === props.dish),
);
const said = ({ ingredient, grams }: Addition): string => {
  const name = ingredientName(ingredient, ingredients.value ?? [], session.dialect);
  return grams === null ? `${name} by eye` : `${showGrams(grams, session.display)} ${name}`;
};
const counted = computed(() => withAdditions(props.parts, additions.value));
const isSomething = computed(
  () => Object.keys(counted.value.texts).length > 0 || counted.value.unlisted.size > 0,
);
const isCounted = ref(false);
function count(): void {
  emit("counted", counted.value.texts, counted.value.unlisted);
  isCounted.value = true;
}
</script>

<template>
  <div v-if="additions.length > 0" class="added small" data-testid="added-on-the-way">
    <p>
      Added while cooking: <b>{{ additions.map(said).join(", ") }}</b>.
    </p>
    <Button
      v-if="!isCounted && isSomething"
      label="Count as used"
      data-testid="count-additions"
      size="small"
      severity="secondary"
      @click="count"
    />
    <p v-else-if="isCounted" class="soft">Counted below.</p>
  </div>
</template>

<style scoped>
.added {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}
</style>
