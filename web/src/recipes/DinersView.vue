<script setup lang="ts">
import type { NewFormula } from "@apron/contract";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { allergenName } from "@apron/core/catalogue";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useRecipe } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import ChipSet from "../ui/ChipSet.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { allergenWords, dietLabels, dietWords } from "./kind-words.ts";

/** The same formula for another diet: what replaces what, in what amount, and what that does to the salt. */
const props = defineProps<{ id: string }>();
const router = useRouter();
const session = useSession();
const notices = useNotices();
const submission = useSubmit();
const { data: recipe } = useRecipe(() => props.id);
const wanted = ref<string[]>(["vegan"]);
const without = ref<string[]>([]);
const choices = Object.entries(dietWords).map(([value, label]) => ({ value, label }));
const allergens = computed(() =>
  (recipe.value?.allergens ?? []).map((value) => ({ value, label: `no ${allergenName(value)}` })),
);
const nothingChosen = computed(() => wanted.value.length + without.value.length === 0);
const { data: adapted, error } = useQuery({
  key: () => ["recipe-adapted", props.id, wanted.value.join(), without.value.join()],
  query: () =>
    call("adaptRecipe", {
      params: { id: props.id },
      body: { diets: wanted.value as (keyof typeof dietWords)[], without: without.value },
    }),
  enabled: () => !nothingChosen.value,
  placeholderData: (before) => before,
});
const isSame = computed(
  () =>
    adapted.value?.changes.length === 0 &&
    adapted.value.cannot.length === 0 &&
    adapted.value.leftOut.length === 0,
);
const grams = (g: number): string => showGrams(g, session.display);
const matters = (saltG: number | null): saltG is number => saltG !== null && Math.abs(saltG) >= 0.05;
const signed = (g: number): string => `${g > 0 ? "+" : "−"}${trimmedDecimals(Math.abs(g), 1)} g salt`;

async function saveAdapted(formula: NewFormula): Promise<void> {
  const saved = await submission.submit("saveRecipe", { body: { formula } }, formula.name);
  if (!saved) return;
  notices.say({ text: `Saved ${saved.name} as a new recipe.` });
  await router.push(`/recipes/${saved.id}`);
}
</script>

<template>
  <div class="diners">
    <ChipSet v-model="wanted" label="Diets" :choices="choices" />
    <ChipSet v-if="allergens.length > 0" v-model="without" label="Without" :choices="allergens" />
    <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
    <p v-if="nothingChosen" class="soft">Choose a diet or an allergen to avoid.</p>
    <section v-else-if="adapted" class="card" aria-label="Adapted recipe" data-testid="adapted">
      <p v-if="isSame">This recipe already fits. Nothing has to change.</p>
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
            }}<template v-if="matters(change.to.saltChangeG)">; {{ signed(change.to.saltChangeG) }}</template>
          </p>
        </li>
      </ul>
      <p v-if="matters(adapted.saltChangeG)">
        Change the added salt by {{ signed(adapted.saltChangeG) }} to keep it as salty as before.
      </p>
      <p v-if="adapted.leftOut.length > 0">Left out (optional): {{ adapted.leftOut.join(", ") }}.</p>
      <p v-for="none in adapted.cannot" :key="none.lineId" class="wrong">
        No substitute is known for {{ none.name }}, so this recipe can't be adapted.
      </p>
      <p class="small">
        {{ allergenWords(adapted.allergens)
        }}<template v-if="adapted.diets.length > 0"> · {{ dietLabels(adapted.diets).join(" · ") }}</template>
      </p>
      <ProblemNote :text="submission.sentence.value" />
      <Button
        v-if="adapted.changes.length > 0 && adapted.cannot.length === 0"
        label="Save as a new recipe"
        data-testid="save-adapted"
        :loading="submission.pending.value"
        @click="saveAdapted(adapted.formula)"
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
</style>
