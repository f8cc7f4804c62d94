<script setup lang="ts">
import type { BatchView } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import { allergenWords } from "../recipes/kind-words.ts";
import { showDay, showInstant } from "../ui/dates.ts";
import PageHead from "../ui/PageHead.vue";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import BatchCompare from "./BatchCompare.vue";
import BatchCourse from "./BatchCourse.vue";
import BatchPhoto from "./BatchPhoto.vue";
import NoteFields from "./NoteFields.vue";

/** A batch with its whole course: made of what, by whom, tasted, stored, eaten, noted. */
const props = defineProps<{ id: string }>();
const session = useSession();
const router = useRouter();
const notices = useNotices();
const { data: batch, error } = useQuery({
  key: () => ["batch", props.id],
  query: () => call("getBatch", { params: { id: props.id } }),
});
const submission = useSubmit();
const grams = (g: number): string => showGrams(g, session.display);
const lead = computed(() => {
  const one = batch.value;
  if (!one) return "";
  const made = `made ${showDay(one.madeOn)} by ${one.by}`;
  const weight = `${grams(one.outputG)}${one.weighed ? "" : ", worked out"}`;
  return `${made} · ${weight} · ${counted(one.batches, "batch", "batches")} of version ${one.version}`;
});

const note = ref("");
const nextTime = ref("");
watch(
  batch,
  (now) => {
    if (now) [note.value, nextTime.value] = [now.note, now.nextTime];
  },
  { immediate: true },
);
const isChanged = computed(
  () => batch.value && (batch.value.note !== note.value || batch.value.nextTime !== nextTime.value),
);
async function saveNotes(): Promise<void> {
  const body = { note: note.value, nextTime: nextTime.value };
  const saved = await submission.submit("changeBatchNotes", { params: { id: props.id }, body }, "notes");
  if (saved) notices.say({ text: "Saved the notes." });
}
async function undo(one: BatchView): Promise<boolean> {
  const undone = await submission.submit("undoBatch", { params: { id: one.id } }, `undo ${one.name}`);
  return undone !== undefined;
}
async function undoAndStay(one: BatchView): Promise<void> {
  if (await undo(one)) notices.say({ text: `Undone: ${one.name}. What was used is back in the basket.` });
}
/** Corrected by making it anew with what was typed, once the wrong one is taken back. */
async function correct(one: BatchView): Promise<void> {
  if (await undo(one))
    await router.push({ path: `/cook/${one.recipeId}`, query: { again: one.id, batches: one.batches } });
}
</script>

<template>
  <PageHead :title="batch?.name ?? 'Batch'" :lead="lead">
    <RouterLink v-if="batch?.partOf" :to="`/batch/${batch.partOf.id}`"
      >Part of {{ batch.partOf.name }}</RouterLink
    >
    <RouterLink v-if="batch" :to="`/recipes/${batch.recipeId}`">Recipe</RouterLink>
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ProblemNote :text="submission.sentence.value" />
  <p v-if="batch?.undoneAt" class="undone" role="status" data-testid="undone">
    Undone {{ showInstant(batch.undoneAt) }}: what was used is back in the basket.
  </p>
  <div v-if="batch" class="columns">
    <div class="column">
      <BatchCourse :batch="batch" />
      <BatchCompare :batch="batch" />
    </div>
    <div class="column card">
      <p>{{ allergenWords(batch.allergens) }}</p>
      <NoteFields v-model:note="note" v-model:next-time="nextTime" />
      <Button
        v-if="isChanged"
        label="Save notes"
        size="small"
        data-testid="save-notes"
        :loading="submission.pending.value"
        @click="saveNotes"
      />
      <BatchPhoto :batch="batch" />
      <div v-if="batch.mayBeUndone" class="acts">
        <Button
          v-if="!batch.partOf"
          label="Correct"
          severity="secondary"
          data-testid="correct-batch"
          @click="correct(batch)"
        />
        <Button label="Undo" severity="secondary" data-testid="undo-batch" @click="undoAndStay(batch)" />
      </div>
      <p v-else-if="!batch.undoneAt" class="small soft">
        Something was already taken from it, so it can no longer be corrected or undone.
      </p>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
  margin-top: 1rem;
}

.column {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.9rem;
}

.acts {
  display: flex;
  gap: 0.5rem;
}

.undone {
  padding: 0.6rem 0.8rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
