<script setup lang="ts">
import type { MakePlan, TonightsChanges } from "@apron/contract";
import Button from "primevue/button";
import { useRouter } from "vue-router";
import { newId } from "../client/new-id.ts";
import { useDraft } from "../client/use-draft.ts";
import { emptyPlan, withDish } from "../plan/plan-form.ts";
import { dayToPlan } from "../plan/day-to-plan.ts";

/** Takes a make that is being got ready, with what is done otherwise this once, to the plan of the cooking. */
const props = defineProps<{ plan: MakePlan; changes: TonightsChanges }>();
const router = useRouter();
const { draft: form } = useDraft("plan", () => emptyPlan(newId(), dayToPlan()));
async function planIt(): Promise<void> {
  const { recipeId, name, batches } = props.plan;
  form.value.dishes = withDish(form.value.dishes, { recipeId, name, batches, changes: props.changes });
  await router.push("/plan");
}
</script>

<template>
  <Button label="Plan when to cook it" severity="secondary" data-testid="plan-this" @click="planIt" />
</template>
