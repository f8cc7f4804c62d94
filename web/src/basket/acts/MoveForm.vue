<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import Button from "primevue/button";
import { computed } from "vue";
import { call } from "../../app/api.ts";
import { showDay } from "../../ui/dates.ts";
import { placeNames } from "../lot-draft.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
/** Into the freezer goes what is frozen; out of it, what thaws. Both are acts of their own. */
const places = computed(() => placeNames.filter((p) => p.value !== "freezer" && p.value !== props.lot.place));
const { act, submission } = useLotAct<Lot>();
const move = (place: Lot["place"], label: string): Promise<unknown> =>
  act(
    (key) => call("moveLot", { params: { id: props.lot.id }, body: { place } }, key),
    (lot) =>
      `${lot.name} stands in the ${label.toLowerCase()} now; best used by ${showDay(lot.freshness.spoilsOn)}.`,
  );
</script>

<template>
  <div class="move">
    <p class="soft">
      The days it already spent count as they were spent; the rest is counted for the new place.
    </p>
    <p class="to">
      <Button
        v-for="place in places"
        :key="place.value"
        :label="place.label"
        severity="secondary"
        :loading="submission.pending.value"
        @click="move(place.value, place.label)"
      />
    </p>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
  </div>
</template>

<style scoped>
.move,
.to {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}
</style>
