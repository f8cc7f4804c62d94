<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref, watch } from "vue";
import { useSession } from "../../client/session.ts";
import ProblemNote from "../../ui/ProblemNote.vue";
import ChoiceButtons from "../../ui/ChoiceButtons.vue";
import { showDay } from "../../ui/dates.ts";
import CorrectForm from "./CorrectForm.vue";
import LabelForm from "./LabelForm.vue";
import MoveForm from "./MoveForm.vue";
import PartForm from "./PartForm.vue";
import PourForm from "./PourForm.vue";
import SplitForm from "./SplitForm.vue";
import TakeForm from "./TakeForm.vue";
import { useLotAct } from "./use-lot-act.ts";

/** Everything that can be done to a lot, one form at a time. */
const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const acts = computed(() => {
  const { state, place } = props.lot;
  const frozen = place === "freezer";
  return [
    { value: "take", label: "Take some", fits: true },
    { value: "split", label: "Split", fits: state === "raw" },
    { value: "move", label: "Move", fits: !frozen },
    { value: "freeze", label: "Freeze", fits: !frozen },
    { value: "cut", label: "Cut", fits: state === "raw" || state === "usable" },
    { value: "pour", label: "Weigh back", fits: true },
    { value: "correct", label: "Correct", fits: true },
    { value: "label", label: "Label", fits: true },
  ].filter((act) => act.fits);
});
const act = ref("take");
const parts = ref<readonly Lot[]>([]);
watch(
  () => props.lot.id,
  () => {
    act.value = "take";
    parts.value = [];
  },
);
// What was undone is gone: its parts are not offered any more.
const undoable = computed(() => props.lot.entries.filter((entry) => entry.canUndo).length);
watch(undoable, (now, before) => {
  if (now < before) parts.value = [];
});
const cloth = useLotAct();
const refreshCloth = (): Promise<unknown> =>
  cloth.act(
    "refreshLot",
    { params: { id: props.lot.id } },
    (lot) => `Damp cloth refreshed. Best used by ${showDay(lot.freshness.spoilsOn)}.`,
  );
</script>

<template>
  <section class="card happens" aria-labelledby="lot-acts">
    <header>
      <h2 id="lot-acts">Actions</h2>
      <Button
        v-if="lot.keepsInCloth"
        label="Refresh the damp cloth"
        data-testid="refresh-cloth"
        size="small"
        severity="secondary"
        :loading="cloth.submission.pending.value"
        @click="refreshCloth"
      />
    </header>
    <ProblemNote :text="cloth.submission.sentence.value" />
    <ChoiceButtons v-model="act" label="Actions" data-testid="lot-acts" :choices="acts" class="few" />
    <TakeForm v-if="act === 'take'" :lot="lot" />
    <SplitForm v-else-if="act === 'split'" :lot="lot" @parted="parts = $event" />
    <MoveForm v-else-if="act === 'move'" :lot="lot" />
    <PartForm v-else-if="act === 'freeze'" key="freeze" :lot="lot" into="frozen" @parted="parts = $event" />
    <PartForm v-else-if="act === 'cut'" key="cut" :lot="lot" into="cut" @parted="parts = $event" />
    <PourForm v-else-if="act === 'pour'" :lot="lot" />
    <CorrectForm v-else-if="act === 'correct'" :lot="lot" />
    <LabelForm v-else-if="act === 'label'" :lot="lot" />
    <p v-if="parts.length > 0" class="parts" role="status">
      New lots:
      <RouterLink v-for="part in parts" :key="part.id" :to="`/basket/${part.id}`"
        >{{ showGrams(part.grams, session.display) }} {{ part.condition ?? part.name }}</RouterLink
      >
    </p>
  </section>
</template>

<style scoped>
.happens {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8rem;
}

header {
  display: flex;
  justify-content: space-between;
  gap: 0.6rem;
  align-items: center;
}

/* Eight acts stand in one row. */
.few :deep(.p-togglebutton-content) {
  padding-inline: 0.35rem;
}

.happens :deep(form) {
  display: grid;
  gap: 0.7rem;
  justify-items: start;
}

.happens :deep(form > *) {
  max-width: 100%;
}

.happens :deep(.pair) {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.7rem;
  width: 100%;
}

.happens :deep(.pair .p-inputtext) {
  width: 100%;
}

.happens :deep(.narrow) {
  width: min(20rem, 100%);
}

.parts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  padding-top: 0.6rem;
  border-top: 1px solid var(--line);
}

@media (max-width: 620px) {
  .happens :deep(.pair) {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
