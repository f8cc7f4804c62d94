<script setup lang="ts" generic="Value extends string | null">
import FieldFrame from "./FieldFrame.vue";
import SelectBox from "./SelectBox.vue";

/** A choice of a few with its label above and its problem below. */
const props = defineProps<{
  id: string;
  label: string;
  choices: readonly { readonly value: Value; readonly label: string }[];
  /** What it is called where its label alone would not tell. */
  name?: string;
  problem?: string | undefined;
  hint?: string | undefined;
  placeholder?: string;
  filter?: boolean;
}>();
const chosen = defineModel<Value>({ required: true });
</script>

<template>
  <FieldFrame :label="label" :for="id" :problem="problem" :hint="hint">
    <SelectBox
      :id="id"
      v-model="chosen"
      :choices="choices"
      :name="name ?? label"
      :filter="filter"
      v-bind="props.placeholder === undefined ? {} : { placeholder: props.placeholder }"
    />
  </FieldFrame>
</template>
