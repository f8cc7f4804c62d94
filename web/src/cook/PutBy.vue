<script setup lang="ts">
import type { ContainerOption, MakePlan, UseBy } from "@apron/contract";
import { fewestFor } from "@apron/core/larder";
import { showPercent } from "@apron/core/measure";
import Button from "primevue/button";
import InputNumber from "primevue/inputnumber";
import { computed } from "vue";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import type { ContainerDraft } from "./make-draft.ts";

/** Which containers, how many, and until when the dish keeps in them. */
const props = defineProps<{ plan: MakePlan; storedG: number; problem: string | undefined }>();
const containers = defineModel<ContainerDraft[]>({ required: true });

const current = computed(() => containers.value[0]);
const isChosen = (option: ContainerOption): boolean =>
  current.value?.kind === option.kind && current.value.place === option.place;
const useBy = computed<UseBy | null>(() => (current.value ? props.plan.useBy[current.value.place] : null));
const placeWords = { fridge: "fridge", freezer: "freezer" } as const;

function choose(option: ContainerOption): void {
  containers.value = [
    { kind: option.kind, place: option.place, count: fewestFor(props.storedG, option.capacityG) },
  ];
}
function setCount(count: number): void {
  const now = current.value;
  if (now && count >= 1) containers.value = [{ ...now, count }];
}
</script>

<template>
  <section class="put-by" aria-labelledby="put-by">
    <h2 id="put-by">Store in</h2>
    <div class="options">
      <Button
        v-for="o in plan.containers"
        :key="`${o.kind} ${o.place}`"
        :data-testid="`store-${o.kind}-${o.place}`"
        severity="secondary"
        :class="[o.place, { chosen: isChosen(o) }]"
        :aria-pressed="isChosen(o)"
        @click="choose(o)"
      >
        <span>{{ o.name }}</span><span class="small place">{{ placeWords[o.place] }}</span>
      </Button>
    </div>
    <div v-if="current" class="count">
      <label for="container-count">How many</label>
      <InputNumber
        :model-value="current.count"
        input-id="container-count"
        :min="1"
        :max="500"
        show-buttons
        button-layout="horizontal"
        :pt="{
          incrementButton: { 'data-testid': 'one-more' },
          decrementButton: { 'data-testid': 'one-fewer' },
        }"
        @update:model-value="setCount($event ?? 1)"
      />
    </div>
    <p v-if="current" class="small soft">
      {{ showPercent(plan.headspace[current.place]) }} of each is left empty as headspace.
    </p>
    <ProblemNote :text="problem" />
    <div v-if="useBy" class="date">
      <p>
        Use by <b class="figure">{{ showDay(useBy.on) }}</b>
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
        {{
          useBy.thawDays === 0 ? "eat it the same day" : `eat it within ${counted(useBy.thawDays, "day")}`
        }}.
      </p>
      <p v-if="useBy.mustNever" class="small wrong">{{ useBy.mustNever }}</p>
    </div>
  </section>
</template>

<style scoped>
.put-by {
  display: grid;
  gap: 0.6rem;
}

.options {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(6.4rem, 1fr));
  gap: 0.4rem;
}

.options :deep(.p-button) {
  display: grid;
  gap: 0;
  min-height: 52px;
  padding: 0.3rem 0.4rem;
  font-weight: 500;
}

.freezer .place {
  color: var(--cold);
}

.options :deep(.chosen) {
  background: var(--action-wash);
  border: 2px solid var(--action);
}

.count {
  display: flex;
  gap: 0.6rem;
  align-items: center;
  font-weight: 600;
}

.count :deep(.p-inputnumber-input) {
  width: 4.5rem;
  text-align: center;
}

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
