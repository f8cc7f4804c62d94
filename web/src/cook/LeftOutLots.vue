<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { useSession } from "../client/session.ts";
import { showDay } from "../ui/dates.ts";

/** Lots that would fit and are not taken, since they would shorten the dish's date: said, with one tap to take them. */
defineProps<{ lots: MakePlan["leftOut"] }>();
defineEmits<{ take: [lotId: string] }>();
const session = useSession();
</script>

<template>
  <ul v-if="lots.length > 0" class="left-out small" data-testid="left-out">
    <li v-for="lot in lots" :key="lot.lotId">
      <p>
        {{ showGrams(lot.grams, session.display) }} {{ lot.name }} ({{ lot.form }}) is left out: with it, the
        dish must be eaten by <b>{{ showDay(lot.useBy) }}</b>.
      </p>
      <Button
        label="Use it anyway"
        size="small"
        severity="secondary"
        :data-testid="`take-${lot.lotId}`"
        @click="$emit('take', lot.lotId)"
      />
    </li>
  </ul>
</template>

<style scoped>
.left-out {
  display: grid;
  gap: 0.4rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1rem;
  align-items: center;
}
</style>
