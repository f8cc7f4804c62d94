<script setup lang="ts">
/** Several may be pressed at once. */
defineProps<{ label: string; choices: readonly { readonly value: string; readonly label: string }[] }>();
const pressed = defineModel<string[]>({ required: true });
const toggle = (value: string): void => {
  pressed.value = pressed.value.includes(value)
    ? pressed.value.filter((one) => one !== value)
    : [...pressed.value, value];
};
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <button
      v-for="choice in choices"
      :key="choice.value"
      type="button"
      :aria-pressed="pressed.includes(choice.value)"
      @click="toggle(choice.value)"
    >
      {{ choice.label }}
    </button>
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

button {
  min-height: 44px;
  padding: 0 0.9rem;
  font: inherit;
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
</style>
