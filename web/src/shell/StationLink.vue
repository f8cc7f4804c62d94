<script setup lang="ts">
import type { Station } from "./stations.ts";

defineProps<{
  station: Station;
  due: { readonly count: number; readonly words: string } | undefined;
  /** Who else changed something there since it was last looked at. */
  changedBy?: readonly string[];
  /** On the sheet: dark on light, side by side. */
  wide?: boolean;
}>();
</script>

<template>
  <RouterLink
    :to="station.to"
    class="station"
    :class="{ wide }"
    :exact-active-class="station.to === '/' ? 'here' : ''"
    :active-class="station.to === '/' ? '' : 'here'"
  >
    <component :is="station.icon" :size="20" aria-hidden="true" />
    <span class="label"
      >{{ station.label
      }}<span
        v-if="changedBy && changedBy.length > 0"
        class="news"
        :title="`Changed by ${changedBy.join(', ')}`"
        ><span class="visually-hidden">, changed by {{ changedBy.join(", ") }}</span></span
      ></span
    >
    <span v-if="due" class="count figure"
      >{{ due.count }}<span class="waits">&nbsp;{{ due.words }}</span></span
    >
  </RouterLink>
</template>

<style scoped>
.station {
  display: grid;
  grid-template-columns: 20px 1fr;
  column-gap: 0.75rem;
  align-items: center;
  min-height: 48px;
  padding: 0.3rem 0.6rem;
  border-radius: var(--p-border-radius-md);
  color: inherit;
  text-decoration: none;
}

.station:hover {
  background: var(--p-aubergine-700);
}

.here {
  background: var(--p-linen-100);
  color: var(--p-aubergine-900);
}

.here:hover {
  background: var(--p-linen-50);
}

.label {
  font-weight: 600;
}

.news {
  display: inline-block;
  width: 0.5rem;
  height: 0.5rem;
  margin-left: 0.4rem;
  vertical-align: 0.08em;
  border-radius: 50%;
  background: var(--p-leaf-300);
}

.here .news,
.wide .news {
  background: var(--p-leaf-700);
}

.count {
  grid-column: 2;
  font-size: 0.8rem;
  font-weight: 600;
  margin-top: -0.35rem;
  color: var(--p-brass-300);
}

.here .count {
  color: var(--p-brass-700);
}

.waits {
  font-weight: 450;
}

.wide:hover,
.wide.here {
  color: inherit;
  background: var(--sunk);
}

.wide .count,
.wide.here .count {
  color: var(--soon);
}

@media (max-width: 820px) {
  .station:not(.wide) {
    grid-template-columns: 1fr;
    justify-items: center;
    position: relative;
    padding: 0.2rem 0.7rem;
    font-size: 0.75rem;
  }

  .station:not(.wide) .count {
    position: absolute;
    top: 0.1rem;
    right: 0;
  }

  .station:not(.wide) .waits {
    display: none;
  }
}
</style>
