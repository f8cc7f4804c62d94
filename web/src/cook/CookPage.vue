<script setup lang="ts">
import type { PlanMake } from "@apron/contract";
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useRoute, useRouter } from "vue-router";
import { ApiProblem, call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceOf } from "../client/words.ts";
import CautionList from "../ui/CautionList.vue";
import { allergenWords } from "../recipes/kind-words.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import FigureText from "../ui/FigureText.vue";
import PageHead from "../ui/PageHead.vue";
import WeightField from "../ui/WeightField.vue";
import AddedOnTheWay from "./AddedOnTheWay.vue";
import JoinLine from "./JoinLine.vue";
import KeptApart from "./KeptApart.vue";
import { storedWords } from "./stored-words.ts";
import LeftOvers from "./LeftOvers.vue";
import MadeFigures from "./MadeFigures.vue";
import MakeLines from "./MakeLines.vue";
import PutBy from "./PutBy.vue";
import ScaleChooser from "./ScaleChooser.vue";
import MakeSteps from "./MakeSteps.vue";
import NotedBefore from "./NotedBefore.vue";
import PlanThisMake from "./PlanThisMake.vue";
import { roundingWords } from "./rounding-words.ts";
import { useMakeDraft } from "./make-draft.ts";
import { useAgain } from "./use-again.ts";
import { useChanges, useRefusedChanges } from "./use-changes.ts";
import NoteFields from "../larder/NoteFields.vue";
import { useMakeForm } from "./use-make-form.ts";
import LeftOutLots from "./LeftOutLots.vue";
import ToPrepare from "./ToPrepare.vue";
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
const make = useMakeDraft(props.id);
const { draft } = make;
const { again } = route.query;
useAgain(draft, () => (typeof again === "string" ? again : undefined));
const takeLot = (lotId: string, lineId: string | null): void => {
  const others = draft.value.take.filter((one) => one.lotId !== lotId || one.lineId !== lineId);
  draft.value.take = [...others, { lotId, lineId }];
};
const { swapLine, leaveOut, unchange, join } = useChanges(draft);
const {
  data: plan,
  error,
  refresh,
} = useQuery({
  key: () => ["make-plan", props.id, JSON.stringify([scale.value, draft.value.take, draft.value.changes])],
  query: () => {
    const { take, changes } = draft.value;
    return call("planMake", { body: { recipeId: props.id, scale: scale.value, take, changes } });
  },
  placeholderData: (before) => before,
});
const preparation = usePreparation();
/** The plan that it was cooked along with, and which of its dishes it is. */
const cookedBy = computed(() => {
  const { plan: planId, dish } = route.query;
  return typeof planId === "string" && typeof dish === "string" ? { planId, dish } : undefined;
});
const form = useMakeForm(make, plan, () => cookedBy.value ?? null);
const { parts, containers, makes, figures, madeG, eatenG, isAllEaten, submission } = form;
const { setUsed, toBuy, useBought, finish, isReserved } = form;
function countAdditions(
  texts: Readonly<Record<string, string>>,
  unlisted: ReadonlyMap<string, number>,
): void {
  for (const [key, text] of Object.entries(texts)) setUsed(key, text);
  for (const [ingredient, grams] of unlisted) join({ ingredient, grams, isCooked: false });
}
const refusedChange = useRefusedChanges(draft, error);
const isScaleProblem = computed(
  () => !(error.value instanceof ApiProblem && error.value.field === "changes"),
);
async function prepareAll(): Promise<void> {
  if (plan.value) await preparation.prepare(plan.value);
  await refreshAll();
  await refresh();
}

const lead = computed(() =>
  plan.value
    ? `${counted(plan.value.lines.length, "ingredient line")} · ${allergenWords(plan.value.allergens)}`
    : "",
);

const toBuyNames = computed(() => [...new Set(toBuy.value.map((part) => part.name))]);

const roundings = computed(() => (plan.value ? roundingWords(plan.value) : []));

async function putBy(takeReserved = false): Promise<void> {
  const made = await finish(takeReserved);
  if (!made) return;
  notices.say({ text: storedWords(made, session.display) });
  await router.push(made.containers.length + made.apart.length > 0 ? "/larder" : `/batch/${made.id}`);
}
</script>

<template>
  <PageHead :title="plan?.name ?? 'Cook'" :lead="lead">
    <PlanThisMake v-if="plan && !cookedBy" :plan="plan" :changes="draft.changes" />
  </PageHead>
  <p v-if="error && !plan" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="plan">
    <ScaleChooser
      v-model="scale"
      :plan="plan"
      :problem="error && isScaleProblem ? sentenceOf(error) : undefined"
    />
    <form
      class="columns"
      novalidate
      aria-label="Make it"
      @submit.prevent="putBy()"
      @input="submission.forget"
    >
      <div class="left">
        <ToPrepare
          :plan="plan"
          :submission="preparation.submission"
          data-testid="to-prepare"
          @prepare="prepareAll"
        />
        <NotedBefore :noted="plan.nextTime" />
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
          @swapped="swapLine"
          @unchanged="unchange"
          @left-out="leaveOut"
        />
        <JoinLine
          :left="plan.left"
          :problem="refusedChange ? sentenceOf(refusedChange) : undefined"
          @joined="join"
          @back="unchange"
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
        <MakeSteps :plan="plan" />
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
          v-model:eaten="draft.eaten"
          :plan="plan"
          :made-g="madeG"
          :eaten-g="eatenG"
          :is-all-eaten="isAllEaten"
          :is-proposed="draft.containers === null"
          :problem="submission.sentenceAt('containers')"
        />
        <KeptApart
          v-model="draft.apart"
          :apart="plan.apart"
          :parts="parts"
          :source="weights"
          :sentence-at="submission.sentenceAt"
        />
        <ProblemNote :text="submission.sentence.value ?? submission.sentenceAt('used')" />
        <Button
          v-if="isReserved"
          label="Take it anyway"
          severity="secondary"
          data-testid="take-reserved"
          @click="putBy(true)"
        />
        <ToPrepare :plan="plan" :submission="preparation.submission" brief @prepare="prepareAll" />
        <Button
          type="submit"
          :label="isAllEaten ? 'Finish' : 'Finish and store'"
          data-testid="finish-batch"
          size="large"
          :loading="submission.pending.value"
          :disabled="plan.prepare.length > 0"
        />
        <NoteFields v-model:note="draft.note" v-model:next-time="draft.nextTime" />
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

.to-buy {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
