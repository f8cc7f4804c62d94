<script setup lang="ts">
import Button from "primevue/button";
import ProblemNote from "./ProblemNote.vue";

/** A short form: its fields, what was wrong where no field is at fault, and the button that sends it. */
defineProps<{
  label: string;
  submitLabel: string;
  problem?: string | undefined;
  pending?: boolean;
  disabled?: boolean;
  size?: "small" | "large";
}>();
const emit = defineEmits<{ send: []; changed: [] }>();
</script>

<template>
  <form
    class="small-form"
    novalidate
    :aria-label="label"
    @submit.prevent="emit('send')"
    @input="emit('changed')"
  >
    <slot />
    <ProblemNote :text="problem" />
    <div class="buttons">
      <Button
        type="submit"
        data-testid="send"
        :label="submitLabel"
        :loading="pending"
        :disabled="disabled"
        v-bind="size ? { size } : {}"
      />
      <slot name="buttons" />
    </div>
  </form>
</template>

<style scoped>
.small-form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}
</style>
