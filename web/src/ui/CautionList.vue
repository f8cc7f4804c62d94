<script setup lang="ts">
import { Info, OctagonAlert, TriangleAlert } from "@lucide/vue";

defineProps<{
  cautions: readonly { trigger: string; severity: "stop" | "warn" | "info"; text: string; source: string }[];
}>();
const icons = { stop: OctagonAlert, warn: TriangleAlert, info: Info } as const;
const words = { stop: "Stop", warn: "Take care", info: "Note" } as const;
</script>

<template>
  <ul class="cautions">
    <li v-for="c in cautions" :key="c.trigger" :class="c.severity">
      <component :is="icons[c.severity]" :size="18" aria-hidden="true" />
      <p>
        <b>{{ words[c.severity] }}</b> {{ c.text }} <span class="source">{{ c.source }}.</span>
      </p>
    </li>
    <li v-if="cautions.length > 0" class="defer">
      Follow your local authority's guidance where it is stricter.
    </li>
  </ul>
</template>

<style scoped>
.cautions {
  display: grid;
  gap: 0.45rem;
  font-size: 0.9rem;
}

li {
  display: grid;
  grid-template-columns: 18px 1fr;
  gap: 0.5rem;
}

.stop {
  color: var(--now);
}

.warn {
  color: var(--soon);
}

.info {
  color: var(--cold);
}

li p {
  color: var(--ink);
}

.source,
.defer {
  font-size: 0.8rem;
  color: var(--soft-ink);
}

.defer {
  display: block;
}
</style>
