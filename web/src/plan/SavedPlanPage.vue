<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import { showClock, showDayOf } from "../ui/dates.ts";
import InTurn from "../ui/InTurn.vue";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import DishTag from "./DishTag.vue";
import PlanBars from "./PlanBars.vue";
import PlanList from "./PlanList.vue";
import PlanOutcome from "./PlanOutcome.vue";
import { letterAt } from "./plan-form.ts";
import { timedTasks } from "./use-plan.ts";

/** A saved plan: the prep sheet for the wall, on screen and on paper. */
const props = defineProps<{ id: string }>();
const router = useRouter();
const notices = useNotices();
const refreshAll = useRefresh();
const submission = useSubmit();
const { data: plan, error } = useQuery({
  key: () => ["plan", props.id],
  query: () => call("getPlan", { params: { id: props.id } }),
});
const letterOf = (dish: string): string =>
  letterAt(plan.value?.wish.dishes.findIndex(({ key }) => key === dish) ?? 0);
const tasks = computed(() =>
  plan.value ? timedTasks(plan.value.tasks, plan.value.schedule, plan.value.wish) : [],
);
const dishes = computed(() =>
  (plan.value?.wish.dishes ?? []).map(({ key, batches }) => ({
    ...{ key, batches },
    name: tasks.value.find(({ dish }) => dish === key)?.dishName ?? key,
  })),
);
const title = computed(() => dishes.value.map(({ name }) => name).join(", ") || "Plan");
const lead = computed(() => {
  const at = plan.value?.wish.tableAt;
  return at === undefined ? "" : `On the table ${showDayOf(at)} at ${showClock(at)}`;
});
const print = (): void => window.print();
async function drop(): Promise<void> {
  const dropped = await submission.submit(
    "dropPlan",
    { params: { id: props.id }, body: {} },
    "Delete the plan",
  );
  if (!dropped) return;
  notices.say({ text: "Plan deleted." });
  await router.push("/plan");
  await refreshAll();
}
</script>

<template>
  <p v-if="error && !plan" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="plan">
    <PageHead :title="title" :lead="lead">
      <Button class="off-paper" label="Delete" severity="secondary" @click="drop" />
      <Button
        class="off-paper"
        label="Change"
        severity="secondary"
        data-testid="change-plan"
        @click="router.push(`/plan?change=${id}`)"
      />
      <a class="off-paper" :href="`/api/plans/${id}/plan.ics`" download data-testid="plan-calendar"
        >Calendar file</a
      >
      <Button class="off-paper" label="Print" severity="secondary" @click="print" />
      <Button
        class="off-paper"
        label="Cook along"
        data-testid="cook-along"
        @click="router.push(`/plan/${id}/cook`)"
      />
    </PageHead>
    <ProblemNote :text="submission.sentence.value" />
    <div class="sheet">
      <PlanOutcome :schedule="plan.schedule" />
      <ul class="dishes">
        <li v-for="dish in dishes" :key="dish.key">
          <DishTag :letter="letterOf(dish.key)" /> {{ dish.name }}
          <span v-if="dish.batches !== 1" class="soft small">× {{ dish.batches }}</span>
        </li>
      </ul>
      <PlanBars
        class="off-paper"
        :tasks="tasks"
        :table-at="new Date(plan.wish.tableAt)"
        :letter-of="letterOf"
      />
      <InTurn><PlanList :tasks="tasks" :letter-of="letterOf" /></InTurn>
    </div>
  </template>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1rem;
}

.dishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.2rem;
}

.dishes li {
  display: flex;
  gap: 0.5rem;
  align-items: center;
}

@media print {
  .off-paper {
    display: none;
  }
}
</style>
