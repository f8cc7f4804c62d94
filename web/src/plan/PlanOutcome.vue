<script setup lang="ts">
import type { PlanSchedule } from "@apron/contract";
import { computed } from "vue";
import { showClock, showDayOf, todayIso, dayOfInstant } from "../ui/dates.ts";

/** When to start, and how far from the best that can be. */
const props = defineProps<{ schedule: PlanSchedule; isImproving?: boolean }>();
const day = computed(() => {
  const at = props.schedule.startAt;
  return dayOfInstant(at) === todayIso() ? "today" : showDayOf(at);
});
const proof = computed(() => {
  const { startAt, latestStart, isProven } = props.schedule;
  if (startAt !== latestStart) return `No plan can start later than ${showClock(latestStart)}.`;
  return isProven ? "No plan can start later or keep food waiting less." : "No plan can start later.";
});
</script>

<template>
  <div class="outcome card">
    <div>
      <p class="soft small">Start at</p>
      <p class="big figure" data-testid="start-at">
        {{ showClock(schedule.startAt) }} <small>{{ day }}</small>
      </p>
      <p class="small">
        {{ proof }} <span v-if="isImproving" class="soft">Still looking for a better one…</span>
      </p>
    </div>
    <slot />
  </div>
</template>

<style scoped>
.outcome {
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem 1.5rem;
  align-items: center;
  justify-content: space-between;
}

.big {
  font-size: 2.6rem;
  line-height: 1.1;
}

.big small {
  font-size: 1rem;
  font-weight: 500;
}
</style>
