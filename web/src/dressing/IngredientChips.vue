<script setup lang="ts">
import { computed } from "vue";
import PickBox from "../ui/PickBox.vue";

/** Any number of a few ingredients, each pressed or not; further ones are chosen from a list. */
const props = defineProps<{
  label: string;
  ids: readonly string[];
  nameFor: (id: string) => string;
  further?: readonly string[];
}>();
const chosen = defineModel<string[]>({ required: true });
const shown = computed(() => [...new Set([...props.ids, ...chosen.value])]);
const choices = computed(() =>
  (props.further ?? [])
    .filter((id) => !shown.value.includes(id))
    .map((id) => ({ value: id, label: props.nameFor(id) }))
    .sort((a, b) => a.label.localeCompare(b.label)),
);
function add(id: string): void {
  chosen.value = [...chosen.value, id];
}
const toggle = (id: string): void => {
  chosen.value = chosen.value.includes(id) ? chosen.value.filter((one) => one !== id) : [...chosen.value, id];
};
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <button
      v-for="id in shown"
      :key="id"
      type="button"
      :aria-pressed="chosen.includes(id)"
      @click="toggle(id)"
    >
      {{ nameFor(id) }}
    </button>
    <PickBox
      v-if="choices.length > 0"
      :id="`further-${label}`"
      :choices="choices"
      :name="`Another of the ${label.toLowerCase()}`"
      placeholder="another…"
      @picked="add"
    />
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}

button {
  min-height: 38px;
  padding: 0 0.75rem;
  font: inherit;
  font-size: 0.9rem;
  color: var(--ink);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

button[aria-pressed="true"] {
  font-weight: 600;
  border-color: var(--action);
  background: var(--action-wash);
}

@media (pointer: coarse) {
  button {
    min-height: 44px;
  }
}
</style>
