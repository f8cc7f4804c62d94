<script setup lang="ts">
import type { PlanMake } from "@apron/contract";
import { showEstimate, showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useRoute, useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceOf } from "../client/words.ts";
import CautionList from "../ui/CautionList.vue";
import { showDay } from "../ui/dates.ts";
import { allergenWords } from "../recipes/kind-words.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import FigureText from "../ui/FigureText.vue";
import PageHead from "../ui/PageHead.vue";
import WeightField from "../ui/WeightField.vue";
import AddedOnTheWay from "./AddedOnTheWay.vue";
import LeftOvers from "./LeftOvers.vue";
import MadeFigures from "./MadeFigures.vue";
import MakeLines from "./MakeLines.vue";
import PutBy from "./PutBy.vue";
import ScaleChooser from "./ScaleChooser.vue";
import { useMakeForm } from "./use-make-form.ts";
import LeftOutLots from "./LeftOutLots.vue";
import { usePreparation } from "./use-preparation.ts";

const props = defineProps<{ id: string }>();
const route = useRoute();
const router = useRouter();
const session = useSession();
const notices = useNotices();
const refreshAll = useRefresh();
const weights = useWeightSource();

const asked = Number(route.query["batches"] ?? 1);
const scale = ref<PlanMake["scale"]>({ kind: "batches", batches: asked > 0 && asked <= 50 ? asked : 1 });
/** Lots that the cook chose, for one line or wherever they fit. */
const take = ref<PlanMake["take"]>([]);
const takeLot = (lotId: string, lineId: string | null): void => {
  take.value = [
    ...take.value.filter((one) => one.lotId !== lotId || one.lineId !== lineId),
    { lotId, lineId },
  ];
};
const {
  data: plan,
  error,
  refresh,
} = useQuery({
  key: () => ["make-plan", props.id, JSON.stringify([scale.value, take.value])],
  query: () => call("planMake", { body: { recipeId: props.id, scale: scale.value, take: take.value } }),
  placeholderData: (before) => before,
});
const { draft, parts, containers, makes, figures, storedG, setUsed, toBuy, useBought, finish, submission } =
  useMakeForm(props.id, plan);
const preparation = usePreparation();
/** The plan that it was cooked along with, and which of its dishes it is. */
const cookedBy = computed(() => {
  const { plan: planId, dish } = route.query;
  return typeof planId === "string" && typeof dish === "string" ? { planId, dish } : undefined;
});
const countAdditions = (texts: Readonly<Record<string, string>>): void => {
  for (const [key, text] of Object.entries(texts)) setUsed(key, text);
};
/** "about 230 g lemon (squeeze)": what is trimmed first, and no more of it. */
const preparing = computed(() =>
  (plan.value?.prepare ?? []).map(
    (one) => `${showGrams(one.rawG, session.display)} ${one.name} (${one.words})`,
  ),
);
const lead = computed(() =>
  plan.value
    ? `${counted(plan.value.lines.length, "ingredient line")} · ${allergenWords(plan.value.allergens)}`
    : "",
);

const toBuyNames = computed(() => [...new Set(toBuy.value.map((part) => part.name))]);

/** What rounding to the scale does to the ratios that matter. */
const roundings = computed(() =>
  (plan.value?.rounding ?? [])
    .filter(
      ({ error, wanted, rounded }) =>
        Math.abs(error) >= 0.005 && trimmedDecimals(wanted, 2) !== trimmedDecimals(rounded, 2),
    )
    .map(({ metric, wanted, rounded, error }) => {
      const off = `${error < 0 ? "−" : "+"}${trimmedDecimals(Math.abs(error) * 100, 1)} %`;
      return metric === "oil-to-acid"
        ? `oil to acid is ${trimmedDecimals(rounded, 2)} instead of ${trimmedDecimals(wanted, 2)} to 1 (${off})`
        : `salt is ${trimmedDecimals(rounded, 2)} instead of ${trimmedDecimals(wanted, 2)} % (${off})`;
    }),
);

async function prepareAll(): Promise<void> {
  if (plan.value) await preparation.prepare(plan.value);
  await refreshAll();
  await refresh();
}
async function putBy(): Promise<void> {
  const made = await finish();
  if (!made) return;
  const first = made.containers[0];
  const date = first ? `, use by ${showDay(first.useBy)}` : "";
  notices.say({
    text: `Stored ${showGrams(made.outputG, session.display)} ${made.name} in ${made.containers.length} × ${first?.containerName ?? "bowl"}${date}.`,
  });
  await router.push("/larder");
}
</script>

<template>
  <PageHead :title="plan?.name ?? 'Cook'" :lead="lead" />
  <p v-if="error && !plan" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="plan">
    <ScaleChooser v-model="scale" :plan="plan" :problem="error ? sentenceOf(error) : undefined" />
    <form class="columns" novalidate aria-label="Make it" @submit.prevent="putBy" @input="submission.forget">
      <div class="left">
        <div v-if="plan.prepare.length > 0" class="trim-first" role="status" data-testid="to-prepare">
          <p>To prepare first: {{ preparing.join(", ") }}. The weights below are what should be left.</p>
          <Button
            label="Prepare what this needs, by estimate"
            data-testid="use-estimates"
            size="small"
            severity="warn"
            :loading="preparation.submission.pending.value"
            @click="prepareAll"
          />
          <RouterLink :to="`/trim/${plan.prepare[0]?.lotId ?? ''}`">Trim and weigh</RouterLink>
          <ProblemNote :text="preparation.submission.sentence.value" />
        </div>
        <AddedOnTheWay
          v-if="cookedBy"
          :plan-id="cookedBy.planId"
          :dish="cookedBy.dish"
          :parts="parts"
          @counted="countAdditions"
        />
        <MakeLines
          :plan="plan"
          :parts="parts"
          :sentence-at="submission.sentenceAt"
          @used="setUsed"
          @take="takeLot"
        />
        <LeftOutLots :lots="plan.leftOut" @take="takeLot($event, null)" />
        <div v-if="toBuy.length > 0" class="to-buy small" data-testid="to-buy">
          <p>
            Still to buy, and not counted as used: <b>{{ toBuyNames.join(", ") }}</b>.
          </p>
          <Button
            label="Bought: use them"
            data-testid="use-bought"
            size="small"
            severity="secondary"
            @click="useBought"
          />
        </div>
        <p v-if="plan.limiting" class="small" data-testid="limiting">
          Runs out first: <b>{{ plan.limiting.name }}</b>, enough for
          {{ counted(plan.limiting.batches, "batch", "batches") }}.
          {{ showGrams(plan.limiting.shortG, session.display) }} to buy.
        </p>
        <p v-if="roundings.length > 0" class="small soft">
          After rounding to the scale, {{ roundings.join("; ") }}.
        </p>
        <ol class="steps small">
          <li v-for="(step, i) in plan.steps" :key="i">
            {{ step }}
            <template v-for="load in plan.loads.filter((one) => one.step === i)" :key="load.step">
              <b v-if="load.problem" class="wrong"
                >Too little for the machine. Make more, or do it by hand.</b
              >
              <b v-else-if="load.count > 1"
                >{{ load.count }} equal loads of {{ showGrams(load.eachG, session.display) }}.</b
              >
            </template>
          </li>
        </ol>
      </div>
      <div class="right card">
        <div class="out">
          <div>
            <p class="soft small">makes</p>
            <FigureText :text="showEstimate(makes, session.display)" data-testid="makes" />
          </div>
          <WeightField
            id="weighed"
            v-model="draft.weighed"
            label="Weighed"
            placeholder="grams"
            :source="weights"
            :problem="submission.sentenceAt('weighedG')"
          />
        </div>
        <MadeFigures v-if="figures" :figures="figures" :servings="plan.servings" />
        <PutBy
          v-model="containers"
          :plan="plan"
          :stored-g="storedG"
          :problem="submission.sentenceAt('containers')"
        />
        <ProblemNote :text="submission.sentence.value ?? submission.sentenceAt('used')" />
        <Button
          type="submit"
          label="Finish and store"
          data-testid="finish-batch"
          size="large"
          :loading="submission.pending.value"
          :disabled="plan.prepare.length > 0"
        />
        <LeftOvers v-model="draft.leftOvers" :parts="parts" :problem="submission.sentenceAt('leftOvers')" />
        <CautionList :cautions="plan.cautions" />
      </div>
    </form>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.4fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
  margin-top: 1rem;
}

.left,
.right {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.9rem;
}

.out {
  display: grid;
  grid-template-columns: 1fr 9.5rem;
  gap: 1rem;
}

.trim-first {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1rem;
  align-items: center;
  padding: 0.6rem 0.8rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

.trim-first p {
  width: 100%;
}

.to-buy {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}

.steps {
  display: grid;
  gap: 0.3rem;
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
