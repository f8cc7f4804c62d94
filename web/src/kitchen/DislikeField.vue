<script setup lang="ts">
import { ref } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";

/** Adds one ingredient after the other to what somebody does not eat. */
defineProps<{ id: string }>();
const emit = defineEmits<{ added: [ingredient: string] }>();
const chosen = ref("");
function take(): void {
  if (chosen.value === "") return;
  emit("added", chosen.value);
  chosen.value = "";
}
</script>

<template>
  <IngredientField :id="id" v-model="chosen" :usual="[]" label="Add a dislike" @chosen="take" />
</template>
