<script setup lang="ts">
import Button from "primevue/button";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import ProblemNote from "../ui/ProblemNote.vue";

/** Asked once for each thing that can be poured, then remembered by the kitchen. */
const props = defineProps<{ ingredient: string }>();
const emit = defineEmits<{ answered: [] }>();
const session = useSession();
const { pending, submit, sentence } = useSubmit();

async function answer(means: "mass" | "fluid"): Promise<void> {
  const body = { ingredient: props.ingredient, means };
  const changed = await submit("setOunceMeaning", { body }, "What “oz” means");
  if (!changed) return;
  session.opened(changed);
  emit("answered");
}
</script>

<template>
  <div class="question" role="group" aria-label="Which ounces?">
    <p>By weight or by volume? Your answer is remembered.</p>
    <Button
      label="By weight"
      data-testid="ounce-mass"
      size="small"
      :disabled="pending"
      @click="answer('mass')"
    />
    <Button
      label="Fluid ounces"
      data-testid="ounce-fluid"
      size="small"
      severity="secondary"
      :disabled="pending"
      @click="answer('fluid')"
    />
    <ProblemNote :text="sentence" />
  </div>
</template>

<style scoped>
.question {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
  padding: 0.5rem 0.7rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

.question p {
  width: 100%;
}
</style>
