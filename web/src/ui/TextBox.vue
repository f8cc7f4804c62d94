<script setup lang="ts">
import InputText from "primevue/inputtext";
import { useTemplateRef } from "vue";

/** A text field whose value is always a string, never undefined. */
const text = defineModel<string>({ required: true });
const field = useTemplateRef<{ $el: HTMLInputElement }>("field");
defineExpose({
  focus: () => field.value?.$el.focus(),
  /** Tells the form that the text changed, where it was not typed. */
  announce: () => field.value?.$el.dispatchEvent(new Event("input", { bubbles: true })),
});
</script>

<template>
  <InputText ref="field" :model-value="text" @update:model-value="text = $event ?? ''" />
</template>
