<script setup lang="ts">
import { nextTick, ref } from "vue";
import SelectBox from "./SelectBox.vue";

/** A list from which one thing after the other is taken: it empties itself after each. */
defineProps<{
  id: string;
  name: string;
  choices: readonly { readonly value: string; readonly label: string }[];
}>();
const emit = defineEmits<{ picked: [value: string] }>();
const choice = ref("");
function pick(value: string): void {
  emit("picked", value);
  // After the list has shown the choice: only then does an empty one clear it.
  void nextTick(() => (choice.value = ""));
}
</script>

<template>
  <SelectBox :id="id" v-model="choice" :name="name" :choices="choices" @update:model-value="pick" />
</template>
