<script setup lang="ts" generic="Value extends string | null">
import Select from "primevue/select";

type Choice = { readonly value: Value; readonly label: string };
/** A choice of a few, under a label that stands elsewhere. */
defineProps<{
  id: string;
  name: string;
  choices: readonly Choice[];
  /** A long list is searched by typing. */
  filter?: boolean;
}>();
const chosen = defineModel<Value>({ required: true });
</script>

<template>
  <Select
    v-model="chosen"
    :label-id="id"
    :options="[...choices]"
    option-label="label"
    option-value="value"
    :aria-label="name"
    :filter="filter"
  >
    <template #option="{ option }: { option: Choice }">
      <span :data-testid="`option-${option.value}`">{{ option.label }}</span>
    </template>
  </Select>
</template>
