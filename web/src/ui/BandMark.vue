<script setup lang="ts">
import { computed } from "vue";
import { daysLeftWords, type Band } from "./band.ts";

const props = defineProps<{ band: Band; daysLeft: number; cold?: boolean }>();
const words = computed(() => daysLeftWords(props.daysLeft));
</script>

<template>
  <span class="mark" :class="[cold ? 'cold' : band]">
    <svg viewBox="0 0 12 12" width="12" height="12" aria-hidden="true">
      <path v-if="cold" d="M6 0v12M.8 3l10.4 6M.8 9l10.4-6" stroke="currentColor" stroke-width="1.6" />
      <path v-else-if="band === 'over'" d="M1 1h10v10H1z" fill="currentColor" />
      <path v-else-if="band === 'now'" d="M6 0l6 11H0z" fill="currentColor" />
      <path v-else-if="band === 'soon'" d="M6 0l6 6-6 6-6-6z" fill="currentColor" />
      <circle v-else cx="6" cy="6" r="5" fill="none" stroke="currentColor" stroke-width="2" />
    </svg>
    {{ words }}
  </span>
</template>

<style scoped>
.mark {
  display: inline-flex;
  justify-self: start;
  width: fit-content;
  align-items: center;
  gap: 0.4rem;
  padding: 0.1rem 0.55rem;
  font-size: 0.85rem;
  font-weight: 600;
  white-space: nowrap;
  border-radius: 99px;
  color: var(--action);
  background: var(--action-wash);
}

.soon {
  color: var(--soon);
  background: var(--soon-wash);
}

.now,
.over {
  color: var(--now);
  background: var(--now-wash);
}

.cold {
  color: var(--cold);
  background: var(--cold-wash);
}
</style>
