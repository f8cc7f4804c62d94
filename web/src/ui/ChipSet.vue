<script setup lang="ts">
import ToggleButton from "primevue/togglebutton";

/** Any number of choices, each on or off. */
defineProps<{ label: string; choices: readonly { readonly value: string; readonly label: string }[] }>();
const chosen = defineModel<string[]>({ required: true });
const toggle = (value: string, on: boolean): void => {
  chosen.value = on ? [...chosen.value, value] : chosen.value.filter((one) => one !== value);
};
</script>

<template>
  <div class="chips" role="group" :aria-label="label">
    <ToggleButton
      v-for="choice in choices"
      :key="choice.value"
      class="chip"
      :data-testid="`chip-${choice.value}`"
      size="small"
      :model-value="chosen.includes(choice.value)"
      :on-label="choice.label"
      :off-label="choice.label"
      @update:model-value="toggle(choice.value, $event)"
    />
    <slot />
  </div>
</template>

<style scoped>
.chips {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}

.chip {
  min-height: 38px;
  border-radius: 99px;
}

@media (pointer: coarse) {
  .chip {
    min-height: 44px;
  }
}
</style>
