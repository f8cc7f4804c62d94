<script setup lang="ts">
import { Info, OctagonAlert, TriangleAlert } from "@lucide/vue";
import { computed } from "vue";
import FoldOut from "./FoldOut.vue";
import { counted } from "./plural.ts";

type Caution = { trigger: string; severity: "stop" | "warn" | "info"; text: string; source: string };

/** `printed`: on paper nothing can be unfolded. */
const props = defineProps<{ cautions: readonly Caution[]; printed?: boolean }>();
const icons = { stop: OctagonAlert, warn: TriangleAlert } as const;
const words = { stop: "Stop", warn: "Take care" } as const;
/** Notes of no consequence stay folded; what can happen is always open. */
const grave = computed(() =>
  props.cautions.flatMap(({ severity, ...caution }) =>
    severity === "info" ? [] : [{ ...caution, severity }],
  ),
);
const notes = computed(() => props.cautions.filter((c) => c.severity === "info"));
</script>

<template>
  <ul class="cautions">
    <li v-for="c in grave" :key="c.trigger" :class="c.severity">
      <component :is="icons[c.severity]" :size="18" aria-hidden="true" />
      <p>
        <b>{{ words[c.severity] }}</b> {{ c.text }} <span class="source">{{ c.source }}.</span>
      </p>
    </li>
    <li v-if="grave.length > 0" class="defer">
      Follow your local authority's guidance where it is stricter.
    </li>
    <li v-if="notes.length > 0" class="folded">
      <FoldOut :title="counted(notes.length, 'note')" data-testid="notes" :open="printed" quiet>
        <p v-for="c in notes" :key="c.trigger">
          <Info :size="18" aria-hidden="true" /> {{ c.text }} <span class="source">{{ c.source }}.</span>
        </p>
      </FoldOut>
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

.folded :deep(svg) {
  vertical-align: -0.2rem;
  color: var(--cold);
}

.folded p {
  padding-block: 0.2rem;
}

li p {
  color: var(--ink);
}

.source,
.defer {
  font-size: 0.8rem;
  color: var(--soft-ink);
}

.defer,
.folded {
  display: block;
}
</style>
