<script setup lang="ts">
import type { ContainerOption } from "@apron/contract";
import Button from "primevue/button";

/** What something may be stored in, and where; a tap says which. */
const props = defineProps<{
  options: readonly ContainerOption[];
  chosen: readonly Pick<ContainerOption, "kind" | "place">[];
  /** Said of whose they are, where a page has several. */
  of?: string;
}>();
const emit = defineEmits<{ chosen: [option: ContainerOption] }>();
const isChosen = ({ kind, place }: ContainerOption): boolean =>
  props.chosen.some((one) => one.kind === kind && one.place === place);
</script>

<template>
  <div class="options">
    <Button
      v-for="o in options"
      :key="`${o.kind} ${o.place}`"
      :data-testid="`${of ? 'keep' : 'store'}-${o.kind}-${o.place}`"
      severity="secondary"
      :class="[o.place, { chosen: isChosen(o) }]"
      :aria-pressed="isChosen(o)"
      :aria-label="of ? `${of}: ${o.name}, ${o.place}` : undefined"
      @click="emit('chosen', o)"
    >
      <span>{{ o.name }}</span><span class="small place">{{ o.place }}</span>
    </Button>
  </div>
</template>

<style scoped>
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
</style>
