<script setup lang="ts">
defineProps<{
  label: string;
  for: string;
  problem?: string | undefined;
  hint?: string | undefined;
  quiet?: boolean;
}>();
</script>

<template>
  <div class="field">
    <label :for="$props.for" :class="{ 'visually-hidden': quiet }">{{ label }}</label>
    <slot />
    <p v-if="problem" :id="`${$props.for}-problem`" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="hint" :id="`${$props.for}-hint`" class="hint">{{ hint }}</p>
  </div>
</template>

<style scoped>
.field {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.25rem;
  align-content: start;
}

label {
  font-size: 0.875rem;
  font-weight: 600;
}

.problem {
  font-size: 0.9rem;
  font-weight: 600;
  color: var(--now);
}

.hint {
  font-size: 0.875rem;
  color: var(--soft-ink);
}
</style>
