<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import Button from "primevue/button";
import { computed } from "vue";
import { showDay } from "../../ui/dates.ts";
import ProblemNote from "../../ui/ProblemNote.vue";
import { placeNames } from "../lot-draft.ts";
import { useLotAct } from "./use-lot-act.ts";

const props = defineProps<{ lot: LotDetail }>();
/** Into the freezer goes what is frozen; out of it, what thaws. Both are acts of their own. */
const places = computed(() => placeNames.filter((p) => p.value !== "freezer" && p.value !== props.lot.place));
const { act, submission } = useLotAct();
const move = (place: Lot["place"], label: string): Promise<unknown> =>
  act(
    "moveLot",
    { params: { id: props.lot.id }, body: { place } },
    (lot) => `${lot.name} moved to: ${label.toLowerCase()}. Best used by ${showDay(lot.freshness.spoilsOn)}.`,
  );
</script>

<template>
  <div class="move">
    <p class="soft">Days already spent still count; the rest is worked out for the new place.</p>
    <p class="to">
      <Button
        v-for="place in places"
        :key="place.value"
        :label="place.label"
        :data-testid="`to-${place.value}`"
        severity="secondary"
        :loading="submission.pending.value"
        @click="move(place.value, place.label)"
      />
    </p>
    <ProblemNote :text="submission.sentence.value" />
  </div>
</template>
