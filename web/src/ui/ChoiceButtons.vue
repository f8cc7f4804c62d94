<script setup lang="ts" generic="Value extends string">
import SelectButton from "primevue/selectbutton";

type Choice = { readonly value: Value; readonly label: string };
/** A few choices side by side, one of them chosen. */
defineProps<{ label: string; choices: readonly Choice[] }>();
const chosen = defineModel<Value>({ required: true });
</script>

<template>
  <SelectButton
    v-model="chosen"
    class="choices"
    :options="[...choices]"
    option-label="label"
    option-value="value"
    :allow-empty="false"
    :aria-label="label"
  >
    <template #option="{ option }: { option: Choice }">
      <span :data-testid="`choose-${option.value}`">{{ option.label }}</span>
    </template>
  </SelectButton>
</template>

<style scoped>
.choices {
  flex-wrap: wrap;
  max-width: 100%;
}

/* Four choices stand in one row of a phone. */
@media (max-width: 480px) {
  .choices :deep(.p-togglebutton) {
    padding-inline: 0.2rem;
  }

  .choices :deep(.p-togglebutton-content) {
    padding-inline: 0.45rem;
  }
}
</style>
