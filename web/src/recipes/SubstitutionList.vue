<script setup lang="ts">
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";

/** What may stand in for what a line is written of, in what amount, and what that does to the salt. */
const props = defineProps<{ recipe: string; line: string }>();
const session = useSession();
const { data, error } = useQuery({
  key: () => ["stand-ins", props.recipe, props.line],
  query: () => call("substitutions", { params: { id: props.recipe, line: props.line } }),
});
const salt = (g: number | null): string =>
  g === null || Math.abs(g) < 0.05 ? "" : `, ${g > 0 ? "+" : "−"}${trimmedDecimals(Math.abs(g), 1)} g salt`;
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <p v-else-if="data && data.substitutions.length === 0" class="soft small">Nothing known stands in for it.</p>
  <ul v-else-if="data">
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
  padding: 0.4rem 0 0.3rem;
}
</style>
