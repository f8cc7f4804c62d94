<script setup lang="ts">
import type { Bed } from "@apron/contract";
import { showEstimate } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import EmptyState from "../ui/EmptyState.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import { unitsGlued } from "../ui/units-glued.ts";
import TextBox from "../ui/TextBox.vue";
import BedPromise from "./BedPromise.vue";
import IngredientField from "./IngredientField.vue";
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
  if (bed.state === "bolting") return "bolting: pick what is left now";
  if (!bed.next) return "no rhythm yet: three pickings make one";
  return `${soon(bed.next.inDays)}, ${showEstimate(bed.next.grams, session.display)}`;
}
const basis = (bed: Bed): string =>
  bed.next?.basis === "forecast" ? "as you said" : bed.next ? `from ${bed.harvests} pickings` : "";

const change = useSubmit<Bed>();
const stand = (bed: Bed, state: Bed["state"]) =>
  change.submit((key) => call("changeBed", { params: { id: bed.id }, body: { state } }, key));

const add = useSubmit<Bed>(["name", "ingredient"]);
const name = ref("");
const crop = ref("");
async function plant(): Promise<void> {
  const body = { id: crypto.randomUUID(), name: name.value, ingredient: crop.value };
  const done = await add.submit((key) => call("addBed", { body }, key));
  if (!done) return;
  name.value = "";
  crop.value = "";
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
        :label="`How ${bed.name} stands`"
        :choices="states"
        @update:model-value="stand(bed, $event)"
      />
    </article>
    <p v-if="change.sentence.value" role="alert" class="wrong">{{ change.sentence.value }}</p>
    <EmptyState
      v-if="status === 'success' && beds.length === 0"
      text="No beds yet. Name one below, choose it when you log what you picked, and after three pickings it says what comes next."
    />
    <form class="plant" novalidate aria-label="Name a bed" @submit.prevent="plant" @input="add.forget">
      <FieldFrame label="A bed" for="bed-name" :problem="add.sentenceAt('name')">
        <TextBox id="bed-name" v-model="name" placeholder="north bed" maxlength="60" autocomplete="off" />
      </FieldFrame>
      <IngredientField
        id="bed-crop"
        v-model="crop"
        label="and its crop"
        :usual="[]"
        :problem="add.sentenceAt('ingredient')"
      />
      <Button type="submit" label="Add it" severity="secondary" :loading="add.pending.value" />
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

.bed :deep(.choices) {
  gap: 0.2rem;
}

.bed :deep(.choices button) {
  padding: 0 0.6rem;
  font-size: 0.875rem;
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

.wrong {
  color: var(--now);
  font-weight: 600;
}

@media (max-width: 820px) {
  .bed,
  .plant {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
