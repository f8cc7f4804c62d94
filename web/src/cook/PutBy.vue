<script setup lang="ts">
import type { ContainerOption, MakePlan, UseBy } from "@apron/contract";
import { computed } from "vue";
import { showDay } from "../ui/dates.ts";
import type { ContainerDraft } from "./use-make-form.ts";

const props = defineProps<{ plan: MakePlan; problem: string | undefined }>();
const containers = defineModel<ContainerDraft[]>({ required: true });

const current = computed(() => containers.value[0]);
const isChosen = (option: ContainerOption): boolean =>
  current.value?.kind === option.kind && current.value.place === option.place;
const useBy = computed<UseBy | null>(() => (current.value ? props.plan.useBy[current.value.place] : null));
const placeWords = { fridge: "fridge", freezer: "freezer" } as const;

function choose(option: ContainerOption): void {
  containers.value = [{ kind: option.kind, place: option.place, count: option.fewest }];
}
function setCount(count: number): void {
  const now = current.value;
  if (now && count >= 1) containers.value = [{ ...now, count }];
}
</script>

<template>
  <section class="put-by" aria-labelledby="put-by">
    <h2 id="put-by">Put by in</h2>
    <div class="options">
      <button
        v-for="o in plan.containers"
        :key="`${o.kind} ${o.place}`"
        type="button"
        :class="o.place"
        :aria-pressed="isChosen(o)"
        @click="choose(o)"
      >
        {{ o.name }}<span class="small">{{ placeWords[o.place] }}</span>
      </button>
    </div>
    <div v-if="current" class="count">
      <label for="container-count">How many</label>
      <button type="button" aria-label="One fewer" @click="setCount(current.count - 1)">−</button>
      <input
        id="container-count"
        class="figure"
        type="number"
        min="1"
        max="500"
        :value="current.count"
        @change="setCount(Number(($event.target as HTMLInputElement).value))"
      />
      <button type="button" aria-label="One more" @click="setCount(current.count + 1)">+</button>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="useBy" class="date">
      <p>
        Use by <b class="figure">{{ showDay(useBy.on) }}</b>
      </p>
      <p class="small">
        {{ useBy.reason }} <span class="soft">({{ useBy.source }})</span>
      </p>
      <p v-if="useBy.limit === 'safety'" class="small soft">
        Safety sets this limit: acid or salt by taste buys no days.
      </p>
      <p v-if="useBy.practice" class="small soft">
        Usual practice, for quality only: {{ showDay(useBy.practice.from) }} to
        {{ showDay(useBy.practice.to) }}.
      </p>
      <p v-if="useBy.thawDays !== null" class="small">
        Thaw in the fridge, then
        {{ useBy.thawDays === 0 ? "eat it the same day" : `${useBy.thawDays} days` }}.
      </p>
      <p v-if="useBy.mustNever" class="small never">{{ useBy.mustNever }}</p>
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

button {
  display: grid;
  min-height: 52px;
  padding: 0.3rem 0.4rem;
  place-content: center;
  font: inherit;
  font-size: 0.95rem;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--p-border-radius-md);
  cursor: pointer;
}

.freezer .small {
  color: var(--cold);
}

button[aria-pressed="true"] {
  background: var(--action-wash);
  border: 2px solid var(--action);
}

.count {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  font-weight: 600;
}

.count button {
  width: 48px;
  min-height: 44px;
  font-size: 1.3rem;
}

.count input {
  width: 4.5rem;
  min-height: 44px;
  font: inherit;
  font-size: 1.2rem;
  text-align: center;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--p-linen-500);
  border-radius: var(--p-border-radius-md);
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

.never,
.problem {
  font-weight: 600;
  color: var(--now);
}
</style>
