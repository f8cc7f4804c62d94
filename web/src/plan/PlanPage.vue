<script setup lang="ts">
import Button from "primevue/button";
import { computed, watch } from "vue";
import { useRoute, useRouter } from "vue-router";
import { ApiProblem, call } from "../client/api.ts";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useAcceptedPlan, useAllRecipes, useRefresh } from "../client/queries.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import { showClock } from "../ui/dates.ts";
import { dayToPlan } from "./day-to-plan.ts";
import EmptyState from "../ui/EmptyState.vue";
import InTurn from "../ui/InTurn.vue";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import AskedSteps from "./AskedSteps.vue";
import KeptPlans from "./KeptPlans.vue";
import PlanBars from "./PlanBars.vue";
import PlanChoices from "./PlanChoices.vue";
import PlanImpossible from "./PlanImpossible.vue";
import PlanList from "./PlanList.vue";
import PlanOutcome from "./PlanOutcome.vue";
import {
  emptyPlan,
  formOfPlan,
  letterAt,
  nextPlan,
  onDayAsked,
  takeWay,
  withAccepted,
  withDish,
  withFixed,
  withTimes,
} from "./plan-form.ts";
import { kitchenClock } from "./kitchen-clock.ts";
import { takenWords } from "./plan-words.ts";
import { usePlan } from "./use-plan.ts";

/** Dishes and an hour in, a timeline out: worked backwards from the table as they are chosen. */
const route = useRoute();
const router = useRouter();
const notices = useNotices();
const refreshAll = useRefresh();
const { draft: form } = useDraft("plan", () => emptyPlan(newId(), dayToPlan()));
const { state, wish, draft, made, tasks, explained, problem, isImproving, isCurrent } = usePlan(form);
const submission = useSubmit([], { renew: () => (form.value.id = newId()) });
const tableAt = computed(() => new Date(made.value?.wish.tableAt ?? 0));
const letterOf = (dish: string): string => letterAt(form.value.dishes.findIndex(({ key }) => key === dish));

const waysTaken = computed(() => (made.value ? takenWords(made.value.draft) : ""));

const fix = (task: string, at: Date | null): void => {
  const fixedAt = at && onDayAsked(at, { shown: made.value?.wish, asked: wish.value });
  form.value.fixed = withFixed(form.value, task, fixedAt?.toISOString() ?? null);
};

/** A dish that another page sent here, or a kept plan that is to be changed. */
const { data: recipes } = useAllRecipes();
watch(
  [() => route.query["recipe"], recipes],
  ([recipeId, known]) => {
    const recipe = known?.recipes.find(({ id }) => id === recipeId);
    if (!recipe) return;
    const batches = Number(route.query["batches"] ?? 1) || 1;
    const dish = { recipeId: recipe.id, name: recipe.name, batches };
    form.value.dishes = withDish(form.value.dishes, dish);
    void router.replace({ query: {} });
  },
  { immediate: true },
);
const { data: acceptedPlan } = useAcceptedPlan();
watch(
  [() => route.query["accepted"], acceptedPlan],
  ([day, known]) => {
    if (typeof day !== "string" || !known) return;
    form.value = withAccepted(form.value, { day, accepted: known.dishes }, kitchenClock);
    void router.replace({ query: {} });
  },
  { immediate: true },
);
watch(
  () => route.query["change"],
  async (id) => {
    if (typeof id !== "string") return;
    try {
      const plan = await call("getPlan", { params: { id } });
      form.value = formOfPlan(plan, kitchenClock);
    } catch (failed) {
      if (!(failed instanceof ApiProblem)) throw failed;
      notices.say({ text: sentenceOf(failed) });
    }
    await router.replace({ query: {} });
  },
  { immediate: true },
);

async function keep(): Promise<void> {
  const plan = made.value;
  if (!plan || !isCurrent.value) return;
  const { wish: asked, draft: drafted, schedule } = plan;
  const body = { ...asked, id: form.value.id, from: drafted.from, schedule };
  const saved = await submission.submit("savePlan", { body }, "the plan");
  if (!saved) return;
  form.value = nextPlan(form.value, newId());
  notices.say({ text: `Saved: start at ${showClock(saved.startAt)}.` });
  await refreshAll();
  await router.push(`/plan/${saved.id}`);
}
</script>

<template>
  <PageHead
    title="Plan"
    lead="Choose dishes and when they are to be on the table. The plan works backwards from there."
  />
  <div class="columns">
    <div class="left">
      <PlanChoices v-model="form" :letter-of="letterOf" />
      <InTurn><KeptPlans /></InTurn>
    </div>
    <div class="right" aria-live="polite">
      <EmptyState
        v-if="state === 'empty'"
        title="Nothing to plan yet"
        text="Choose a first dish. You then see when to start, what runs by itself and what the hands do meanwhile."
      />
      <p v-else-if="state === 'working'" class="soft">Planning…</p>
      <ProblemNote :text="problem ? sentenceOf(problem) : submission.sentence.value" />
      <AskedSteps
        v-if="draft && draft.asked.length > 0"
        :asked="draft.asked"
        @given="form.times = withTimes(form, $event)"
      />
      <PlanImpossible
        v-if="state === 'impossible'"
        v-model="form"
        :explained="explained"
        :tasks="draft?.tasks ?? []"
        :table-at="wish?.tableAt ?? ''"
      />
      <template v-if="state === 'planned' && made">
        <PlanOutcome :schedule="made.schedule" :is-improving="isImproving">
          <Button
            label="Save this plan"
            data-testid="save-plan"
            :loading="submission.pending.value || !isCurrent"
            @click="keep"
          />
        </PlanOutcome>
        <p v-if="waysTaken" class="small taken" data-testid="ways-taken">{{ waysTaken }}</p>
        <PlanBars
          :tasks="tasks"
          :table-at="tableAt"
          :letter-of="letterOf"
          movable
          :is-old="!isCurrent"
          @moved="fix"
        />
        <InTurn>
          <PlanList
            :tasks="tasks"
            :letter-of="letterOf"
            changeable
            @retimed="fix"
            @freed="fix($event, null)"
            @timed="form.times = withTimes(form, $event)"
            @done-in-way="takeWay(form, $event)"
          />
        </InTurn>
      </template>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 20.5rem minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.left,
.right {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
