<script setup lang="ts">
import Button from "primevue/button";
import { computed } from "vue";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import CookingPlaceFields from "./CookingPlaceFields.vue";
import { isAsKitchen, type PlanForm } from "./plan-form.ts";

/** What there is to cook with this time: what the kitchen has, unless it is changed here. */
const form = defineModel<PlanForm>({ required: true });
const session = useSession();
const notices = useNotices();
const places = computed(() => form.value.places ?? session.places);
const submission = useSubmit([]);
async function keep(): Promise<void> {
  const changed = await submission.submit("changeKitchen", { body: { places: places.value } }, "the kitchen");
  if (!changed) return;
  session.opened(changed);
  form.value.places = null;
  notices.say({ text: "Kept for every plan of this kitchen." });
}
</script>

<template>
  <CookingPlaceFields id="plan" :places="places" @changed="form.places = $event" />
  <div v-if="!isAsKitchen(form, session.places)" class="otherwise">
    <span class="small soft">Only for this plan.</span>
    <Button
      label="Keep for every plan"
      severity="secondary"
      size="small"
      data-testid="keep-places"
      :loading="submission.pending.value"
      @click="keep"
    />
    <Button label="As usual" text size="small" @click="form.places = null" />
  </div>
  <ProblemNote :text="submission.sentence.value" />
</template>

<style scoped>
.otherwise {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.3rem 0.6rem;
}
</style>
