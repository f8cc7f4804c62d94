<script setup lang="ts">
import { Ellipsis } from "@lucide/vue";
import Button from "primevue/button";
import Menu from "primevue/menu";
import { computed, useTemplateRef } from "vue";

/** What can be done with one line of a pasted recipe. */
const props = defineProps<{ text: string; isFirst: boolean; isLast: boolean }>();
const emit = defineEmits<{ edit: []; move: [by: -1 | 1]; merge: []; drop: [] }>();
const menu = useTemplateRef<{ toggle: (event: Event) => void }>("menu");
const items = computed(() => [
  { label: "Move up", disabled: props.isFirst, command: () => emit("move", -1) },
  { label: "Move down", disabled: props.isLast, command: () => emit("move", 1) },
  { label: "Merge with the next line", disabled: props.isLast, command: () => emit("merge") },
  { label: "Delete", command: () => emit("drop") },
]);
</script>

<template>
  <div class="acts">
    <Button
      label="Change"
      size="small"
      variant="text"
      :aria-label="`Change “${text}”`"
      @click="emit('edit')"
    />
    <Button
      size="small"
      variant="text"
      aria-haspopup="menu"
      :aria-label="`More for “${text}”`"
      data-testid="line-acts"
      @click="menu?.toggle($event)"
    >
      <template #icon><Ellipsis :size="18" aria-hidden="true" /></template>
    </Button>
    <Menu ref="menu" :model="items" popup />
  </div>
</template>

<style scoped>
.acts {
  display: flex;
  justify-content: end;
}
</style>
