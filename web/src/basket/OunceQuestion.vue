<script setup lang="ts">
import type { Session } from "@apron/contract";
import Button from "primevue/button";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";

/** Asked once for each thing that can be poured, then remembered by the kitchen. */
const props = defineProps<{ ingredient: string }>();
const emit = defineEmits<{ said: [] }>();
const session = useSession();
const { pending, submit, sentence } = useSubmit<Session>();

async function say(means: "mass" | "fluid"): Promise<void> {
  const body = { ingredient: props.ingredient, means };
  const changed = await submit((key) => call("setOunceMeaning", { body }, key));
  if (!changed) return;
  session.opened(changed);
  emit("said");
}
</script>

<template>
  <div class="question" role="group" aria-label="Which ounces?">
    <p>Which ounces? The kitchen remembers it.</p>
    <Button label="By weight" size="small" :loading="pending" @click="say('mass')" />
    <Button label="Fluid ounces" size="small" severity="secondary" :loading="pending" @click="say('fluid')" />
    <p v-if="sentence" role="alert">{{ sentence }}</p>
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
