<script setup lang="ts">
import type { UseBy } from "@apron/contract";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";

/** Until when a dish keeps in one place, why, and what must never be done. */
defineProps<{ useBy: UseBy; place: string | undefined }>();
</script>

<template>
  <div class="date">
    <p>
      <template v-if="place">In the {{ place }}: use by </template><template v-else>Use by </template>
      <b class="figure">{{ showDay(useBy.on) }}</b>
    </p>
    <p class="small">
      {{ useBy.reason }} <span class="soft">({{ useBy.source }})</span>
    </p>
    <p v-if="useBy.limit === 'safety'" class="small soft">
      This is a safety limit: lemon, vinegar or salt added to taste doesn't extend it.
    </p>
    <p v-if="useBy.practice" class="small soft">
      Usual practice, for quality only: {{ showDay(useBy.practice.from) }} to
      {{ showDay(useBy.practice.to) }}.
    </p>
    <p v-if="useBy.thawDays !== null" class="small">
      Thaw in the fridge, then
      {{ useBy.thawDays === 0 ? "eat it the same day" : `eat it within ${counted(useBy.thawDays, "day")}` }}.
    </p>
    <p v-if="useBy.mustNever" class="small wrong">{{ useBy.mustNever }}</p>
  </div>
</template>

<style scoped>
.date {
  display: grid;
  gap: 0.25rem;
  padding: 0.6rem 0.8rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

.date b {
  font-size: 1.25rem;
}
</style>
