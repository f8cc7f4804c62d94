<script setup lang="ts">
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { ref } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";

/** A line filled with something else this once, or left out: the substitutes with what changes, each one tap. */
const props = defineProps<{ recipe: string; line: string; name: string; batches: number }>();
const emit = defineEmits<{ swapped: [ingredient: string]; leftOut: [] }>();
const session = useSession();
const { data, error } = useQuery({
  key: () => ["substitutions", props.recipe, props.line, props.batches],
  query: () =>
    call("substitutions", {
      params: { id: props.recipe, line: props.line },
      query: { batches: props.batches },
    }),
});
const other = ref("");
const salt = (g: number | null): string =>
  g === null || Math.abs(g) < 0.05 ? "" : `${g > 0 ? "+" : "−"}${trimmedDecimals(Math.abs(g), 1)} g salt`;
</script>

<template>
  <div class="change" role="group" :aria-label="`Change the ${name}`" data-testid="change-form">
    <p v-if="error" role="alert" class="small">{{ sentenceOf(error) }}</p>
    <p v-if="data && data.substitutions.length > 0" class="small soft">For the whole line, instead:</p>
    <ul v-if="data && data.substitutions.length > 0" :aria-label="`Substitutes for ${name}`">
      <li v-for="one in data.substitutions.slice(0, 6)" :key="one.ingredient" class="small">
        <Button
          :label="`Use ${showGrams(one.grams, session.display)} ${one.name}`"
          size="small"
          severity="secondary"
          :data-testid="`swap-${one.ingredient}`"
          @click="emit('swapped', one.ingredient)"
        />
        <span class="soft">{{ [salt(one.saltChangeG), one.note].filter(Boolean).join(", ") }}</span>
      </li>
    </ul>
    <!-- What comes above moves the field, and a list that hangs from it would close: it comes last. -->
    <div v-if="data || error" class="other">
      <IngredientField :id="`other-${line}`" v-model="other" :usual="[]" label="Something else instead" />
      <Button
        v-if="other"
        label="Use it"
        size="small"
        data-testid="swap-other"
        @click="emit('swapped', other)"
      />
    </div>
    <Button
      :label="`Leave the ${name} out`"
      size="small"
      variant="text"
      data-testid="leave-out"
      @click="emit('leftOut')"
    />
  </div>
</template>

<style scoped>
.change,
ul {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
}

.change {
  padding: 0.2rem 0 0.6rem;
}

.change li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.7rem;
  align-items: center;
}

.other {
  display: flex;
  gap: 0.6rem;
  align-items: end;
}
</style>
