<script setup lang="ts">
import Dialog from "primevue/dialog";
import AddIngredientForm from "./AddIngredientForm.vue";

/** Adds an ingredient of the kitchen's own where it is asked for, without leaving the page. */
defineProps<{ suggested: string }>();
const open = defineModel<boolean>("open", { required: true });
const emit = defineEmits<{ added: [id: string] }>();
function done(id: string): void {
  open.value = false;
  emit("added", id);
}
</script>

<template>
  <Dialog v-model:visible="open" modal header="New ingredient" :style="{ width: 'min(42rem, 94vw)' }">
    <AddIngredientForm :suggested="suggested" in-place @added="done" />
  </Dialog>
</template>
