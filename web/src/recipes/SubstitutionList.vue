<script setup lang="ts">
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";

/** What can replace a line's ingredient, in what amount, and what that does to the salt. */
const props = defineProps<{ recipe: string; line: string }>();
const session = useSession();
const { data, error } = useQuery({
  key: () => ["substitutions", props.recipe, props.line],
  query: () => call("substitutions", { params: { id: props.recipe, line: props.line }, query: {} }),
});
const salt = (g: number | null): string =>
  g === null || Math.abs(g) < 0.05 ? "" : `, ${g > 0 ? "+" : "−"}${trimmedDecimals(Math.abs(g), 1)} g salt`;
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <p v-else-if="data && data.substitutions.length === 0" class="soft small">No substitute is known.</p>
  <ul v-else-if="data" aria-label="Substitutes">
    <li v-for="one in data.substitutions" :key="one.ingredient" class="small">
      <b class="figure">{{ showGrams(one.grams, session.display) }}</b> {{ one.name
      }}<span class="soft"
        >{{ salt(one.saltChangeG) }}<template v-if="one.note">, {{ one.note }}</template> ·
        {{ one.workings }}</span
      >
    </li>
  </ul>
</template>

<style scoped>
ul {
  display: grid;
  gap: 0.25rem;
}
</style>
