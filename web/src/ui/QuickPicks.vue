<script setup lang="ts">
import Button from "primevue/button";

/** Things to pick with one tap; `chosen` is marked. */
defineProps<{
  label: string;
  choices: readonly { readonly value: string; readonly label: string }[];
  chosen?: string;
}>();
const emit = defineEmits<{ picked: [value: string] }>();
</script>

<template>
  <ul v-if="choices.length > 0" class="picks" :aria-label="label">
    <li v-for="one in choices" :key="one.value">
      <Button
        :label="one.label"
        :data-testid="`pick-${one.value}`"
        size="small"
        rounded
        severity="secondary"
        :class="{ on: one.value === chosen }"
        :aria-pressed="chosen === undefined ? undefined : one.value === chosen"
        @click="emit('picked', one.value)"
      />
    </li>
  </ul>
</template>

<style scoped>
.picks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem;
}

.picks :deep(.p-button) {
  min-height: 36px;
  padding: 0.2rem 0.75rem;
  font-weight: 500;
}

.picks :deep(.on) {
  border-color: var(--action);
  background: var(--action-wash);
}

@media (pointer: coarse) {
  .picks :deep(.p-button) {
    min-height: 44px;
  }
}
</style>
