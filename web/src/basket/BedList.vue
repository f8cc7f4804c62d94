<script setup lang="ts">
import type { Bed } from "@apron/contract";
import { showEstimate } from "@apron/core/measure";
import Button from "primevue/button";
import { computed } from "vue";
import { newId } from "../client/new-id.ts";
import { useSession } from "../client/session.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import EmptyState from "../ui/EmptyState.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import { unitsGlued } from "../ui/units-glued.ts";
import TextBox from "../ui/TextBox.vue";
import BedPromise from "./BedPromise.vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { useBeds } from "./use-beds.ts";

const session = useSession();
const { data, status } = useBeds();
const beds = computed(() => data.value?.beds ?? []);
const states = [
  { value: "growing", label: "growing" },
  { value: "bolting", label: "bolting" },
  { value: "finished", label: "finished" },
] as const;

const soon = (days: number): string =>
  days <= 0 ? "today" : days === 1 ? "again tomorrow" : `again in ${days} days`;
function outlook(bed: Bed): string {
  if (bed.state === "finished") return "finished";
  if (bed.state === "bolting") return "bolting: harvest what is left now";
  if (!bed.next) return "no forecast yet: it needs three harvests";
  return `${soon(bed.next.inDays)}, ${showEstimate(bed.next.grams, session.display)}`;
}
const basis = (bed: Bed): string =>
  bed.next?.basis === "forecast"
    ? "your forecast"
    : bed.next
      ? `from ${counted(bed.harvests, "harvest")}`
      : "";

const change = useSubmit();
const setState = (bed: Bed, state: Bed["state"]) =>
  change.submit("changeBed", { params: { id: bed.id }, body: { state } }, `${bed.name}: ${state}`);

const { draft, clear } = useDraft("bed", () => ({ id: newId(), name: "", ingredient: "" }));
const add = useSubmit(["name", "ingredient"], { recorded: clear, renew: () => (draft.value.id = newId()) });
async function plant(): Promise<void> {
  if (await add.submit("addBed", { body: draft.value }, draft.value.name)) clear();
}
</script>

<template>
  <div class="beds">
    <article v-for="bed in beds" :key="bed.id" class="bed" :class="bed.state">
      <div>
        <h2>{{ bed.name }}</h2>
        <p class="soft crop">{{ bed.crop }}</p>
      </div>
      <div>
        <p class="outlook">{{ unitsGlued(outlook(bed)) }}</p>
        <p class="soft small">{{ basis(bed) }}</p>
        <BedPromise v-if="bed.state === 'growing'" :bed="bed" />
      </div>
      <ChoiceButtons
        :model-value="bed.state"
        :label="`State of ${bed.name}`"
        :choices="states"
        @update:model-value="setState(bed, $event)"
      />
    </article>
    <ProblemNote :text="change.sentence.value" />
    <EmptyState
      v-if="status === 'success' && beds.length === 0"
      text="Add a bed below and choose it when you log a harvest. After three harvests you see what to expect next."
    />
    <form
      class="plant"
      novalidate
      aria-label="Add a bed"
      data-testid="add-bed"
      @submit.prevent="plant"
      @input="add.forget"
    >
      <FieldFrame label="Bed" for="bed-name" :problem="add.sentenceAt('name')">
        <TextBox
          id="bed-name"
          v-model="draft.name"
          placeholder="north bed"
          maxlength="60"
          autocomplete="off"
        />
      </FieldFrame>
      <IngredientField
        id="bed-crop"
        v-model="draft.ingredient"
        label="Crop"
        :usual="[]"
        :problem="add.sentenceAt('ingredient')"
      />
      <Button
        type="submit"
        data-testid="send"
        label="Add"
        severity="secondary"
        :loading="add.pending.value"
      />
    </form>
  </div>
</template>

<style scoped>
.bed {
  display: grid;
  grid-template-columns: 9rem minmax(0, 1fr) auto;
  gap: 0.4rem 1rem;
  align-items: center;
  padding: 0.55rem 0.2rem;
  border-bottom: 1px solid var(--line);
}

h2 {
  font-size: 1.05rem;
}

h2::first-letter {
  text-transform: uppercase;
}

.outlook {
  font-weight: 600;
}

.bolting .outlook {
  color: var(--soon);
}

.finished .outlook {
  color: var(--soft-ink);
}

.plant {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 0.6rem;
  align-items: end;
  margin-top: 1rem;
}

.plant :deep(.p-inputtext) {
  width: 100%;
}

@media (max-width: 820px) {
  .bed,
  .plant {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
