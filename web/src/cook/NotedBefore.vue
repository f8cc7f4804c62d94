<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showDay } from "../ui/dates.ts";

/** What was noted for next time when this was made before. */
defineProps<{ noted: MakePlan["nextTime"] }>();
</script>

<template>
  <div v-if="noted.length > 0" class="noted small" data-testid="next-time">
    <b>For next time you noted</b>
    <p v-for="one in noted.slice(0, 3)" :key="one.batchId">
      {{ one.text }} <RouterLink :to="`/batch/${one.batchId}`">{{ showDay(one.on) }}</RouterLink>
    </p>
  </div>
</template>

<style scoped>
.noted {
  padding: 0.5rem 0.8rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}
</style>
