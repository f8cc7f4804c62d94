<script setup lang="ts" generic="Value extends number | null">
import { ref, watch } from "vue";
import FieldFrame from "./FieldFrame.vue";
import TextBox from "./TextBox.vue";
import { typedNumber } from "./typed-number.ts";

/**
 * A number or nothing, under its label; what cannot be read stays as it was typed and says so. A `needed` one keeps its
 * last value while the field stands empty.
 */
const props = defineProps<{
  id: string;
  label: string;
  factor?: number;
  needed?: boolean;
  /** The label is there for who does not see it only. */
  quiet?: boolean;
  problem?: string | undefined;
}>();
const value = defineModel<Value>({ required: true });
const shown = (n: number | null): string =>
  n === null ? "" : String(Math.round((n / (props.factor ?? 1)) * 1000) / 1000);
const text = ref(shown(value.value));
const unread = ref(false);
watch(value, (now) => {
  if (shown(now) !== text.value.trim().replace(",", ".")) text.value = shown(now);
});
function typed(now: string): void {
  text.value = now;
  const read = typedNumber(now);
  unread.value = now.trim() === "" ? props.needed : read === undefined;
  if (unread.value) return;
  // Only a field that is not needed may be emptied, and only such a one takes null.
  value.value = (read === undefined ? null : read * (props.factor ?? 1)) as Value;
}
</script>

<template>
  <FieldFrame :label="label" :for="id" :quiet="quiet" :problem="unread ? 'Enter a number.' : problem">
    <TextBox :id="id" inputmode="decimal" :model-value="text" :invalid="unread" @update:model-value="typed" />
  </FieldFrame>
</template>
