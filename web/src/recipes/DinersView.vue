<script setup lang="ts">
import type { NewFormula, Recipe } from "@apron/contract";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { sentenceOf } from "../app/words.ts";
import ChipSet from "../ui/ChipSet.vue";
import { allergenWords, dietWords, saidDiets } from "./kind-words.ts";

/** The same formula for somebody else: what stands in, in what amount, and what that does to the salt. */
const props = defineProps<{ id: string; recipe: Recipe }>();
const router = useRouter();
const session = useSession();
const notices = useNotices();
const submission = useSubmit<{ id: string; name: string }>();
const wanted = ref<string[]>(["vegan"]);
const without = ref<string[]>([]);
const choices = Object.entries(dietWords).map(([value, label]) => ({ value, label }));
const allergens = computed(() =>
  props.recipe.allergens.map((value) => ({ value, label: `no ${value.replaceAll("-", ": ")}` })),
);
const { data: adapted, error } = useQuery({
  key: () => ["recipe-adapted", props.id, wanted.value.join(), without.value.join()],
  query: () =>
    call("adaptRecipe", {
      params: { id: props.id },
      body: { diets: wanted.value as (keyof typeof dietWords)[], without: without.value },
    }),
  enabled: () => wanted.value.length + without.value.length > 0,
  placeholderData: (before) => before,
});
const grams = (g: number): string => showGrams(g, session.display);
const signed = (g: number): string => `${g > 0 ? "+" : "−"}${trimmedDecimals(Math.abs(g), 1)} g salt`;

async function keep(formula: NewFormula): Promise<void> {
  const saved = await submission.submit((key) => call("saveRecipe", { body: { formula } }, key));
  if (!saved) return;
  notices.say({ text: `${saved.name} is a recipe of its own now.` });
  await router.push(`/recipes/${saved.id}`);
}
</script>

<template>
  <div class="diners">
    <ChipSet v-model="wanted" label="For whom" :choices="choices" />
    <ChipSet v-if="allergens.length > 0" v-model="without" label="Without" :choices="allergens" />
    <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
    <p v-if="wanted.length + without.length === 0" class="soft">Choose who is to eat it.</p>
    <section v-else-if="adapted" class="card" aria-label="The other version">
      <p v-if="adapted.changes.length === 0 && adapted.cannot.length === 0 && adapted.leftOut.length === 0">
        Nothing has to change: it is that already.
      </p>
      <ul>
        <li v-for="change in adapted.changes" :key="change.lineId">
          <p>
            <span class="figure">{{ grams(change.fromG) }}</span> {{ change.from }} becomes
            <b class="figure">{{ grams(change.to.grams) }}</b> <b>{{ change.to.name }}</b><template
              v-if="change.to.note"
              >, {{ change.to.note }}</template
            >.
          </p>
          <p class="small soft">
            {{ change.to.workings
            }}<template v-if="change.to.saltChangeG !== null && Math.abs(change.to.saltChangeG) >= 0.05"
              >; it carries {{ signed(change.to.saltChangeG) }}</template
            >
          </p>
        </li>
      </ul>
      <p v-if="Math.abs(adapted.saltChangeG) >= 0.05">
        By hand {{ signed(adapted.saltChangeG) }}, so that it stays as salty as it was.
      </p>
      <p v-if="adapted.leftOut.length > 0">
        Left out, since it was optional: {{ adapted.leftOut.join(", ") }}.
      </p>
      <p v-for="none in adapted.cannot" :key="none.lineId" class="cannot">
        Nothing known stands in for {{ none.name }}: this version cannot be made.
      </p>
      <p class="small">
        {{ allergenWords(adapted.allergens)
        }}<template v-if="adapted.diets.length > 0"> · {{ saidDiets(adapted.diets).join(" · ") }}</template>
      </p>
      <p v-if="submission.sentence.value" class="cannot" role="alert">{{ submission.sentence.value }}</p>
      <Button
        v-if="adapted.changes.length > 0 && adapted.cannot.length === 0"
        label="Keep it as a recipe"
        :loading="submission.pending.value"
        @click="keep(adapted.formula)"
      />
    </section>
  </div>
</template>

<style scoped>
.diners,
.card,
ul {
  display: grid;
  gap: 0.7rem;
  justify-items: start;
}

.card {
  max-width: 46rem;
}

.cannot {
  font-weight: 600;
  color: var(--now);
}
</style>
