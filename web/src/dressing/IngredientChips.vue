<script setup lang="ts">
import { computed } from "vue";
import ChipSet from "../ui/ChipSet.vue";
import PickBox from "../ui/PickBox.vue";

/** Any number of a few ingredients; further ones are chosen from a list. */
const props = defineProps<{
  label: string;
  /** What the chips are of, for ids. */
  name: string;
  ids: readonly string[];
  nameFor: (id: string) => string;
  further?: readonly string[];
}>();
const chosen = defineModel<string[]>({ required: true });
const shown = computed(() => [...new Set([...props.ids, ...chosen.value])]);
const named = (id: string) => ({ value: id, label: props.nameFor(id) });
const others = computed(() =>
  (props.further ?? [])
    .filter((id) => !shown.value.includes(id))
    .map(named)
    .sort((a, b) => a.label.localeCompare(b.label)),
);
const add = (id: string): void => {
  chosen.value = [...chosen.value, id];
};
</script>

<template>
  <ChipSet v-model="chosen" :label="label" :data-testid="`chips-${name}`" :choices="shown.map(named)">
    <PickBox
      v-if="others.length > 0"
      :id="`further-${name}`"
      :choices="others"
      :name="`Other ${label.toLowerCase()}`"
      placeholder="other…"
      @picked="add"
    />
  </ChipSet>
</template>
