<script setup lang="ts" generic="Value extends string">
/** A few choices side by side, one of them pressed. */
defineProps<{ label: string; choices: readonly { readonly value: Value; readonly label: string }[] }>();
const chosen = defineModel<Value>({ required: true });
</script>

<template>
  <div class="choices" role="group" :aria-label="label">
    <button
      v-for="choice in choices"
      :key="choice.value"
      type="button"
      :aria-pressed="chosen === choice.value"
      @click="chosen = choice.value"
    >
      {{ choice.label }}
    </button>
  </div>
</template>

<style scoped>
.choices {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

button {
  min-height: 44px;
  padding: 0 1rem;
  font: inherit;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--p-border-radius-md);
  cursor: pointer;
}

button[aria-pressed="true"] {
  font-weight: 600;
  color: var(--p-linen-50);
  background: var(--p-aubergine-700);
}
</style>
