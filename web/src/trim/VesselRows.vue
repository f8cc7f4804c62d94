<script setup lang="ts">
import { X } from "@lucide/vue";
import { useWeightSource } from "../client/use-weight-source.ts";
import WeightField from "../ui/WeightField.vue";
import type { VesselDraft } from "./vessel-draft.ts";

/** Several bowls of the usable part, each full and empty. */
defineProps<{ total: string; problem: string | undefined }>();
const vessels = defineModel<VesselDraft[]>({ required: true });
const emit = defineEmits<{ dropped: [id: string] }>();
const weights = useWeightSource();
</script>

<template>
  <fieldset>
    <legend>Usable, in several bowls</legend>
    <div v-for="(vessel, i) in vessels" :key="vessel.id" class="bowl">
      <WeightField
        :id="`gross-${i}`"
        v-model="vessel.gross"
        :label="`Bowl ${i + 1} full`"
        :source="weights"
        placeholder="full"
      />
      <WeightField
        :id="`tare-${i}`"
        v-model="vessel.tare"
        :label="`Bowl ${i + 1} empty`"
        :source="weights"
        placeholder="0 if tared"
      />
      <button type="button" :aria-label="`Remove bowl ${i + 1}`" @click="emit('dropped', vessel.id)">
        <X :size="18" aria-hidden="true" />
      </button>
    </div>
    <p v-if="problem" class="wrong" role="alert">{{ problem }}</p>
    <p v-else-if="total" class="figure" data-testid="vessels-net">{{ total }}</p>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 0.5rem;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  font-size: 0.875rem;
  font-weight: 600;
}

.bowl {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) 44px;
  gap: 0.6rem;
  align-items: end;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

button {
  display: grid;
  place-items: center;
  height: 48px;
  color: var(--soft-ink);
  background: none;
  border: 0;
  cursor: pointer;
}
</style>
