<script setup lang="ts">
import Dialog from "primevue/dialog";
import { shortcuts } from "./shortcuts.ts";

const open = defineModel<boolean>({ required: true });
</script>

<template>
  <Dialog v-model:visible="open" header="Keyboard shortcuts" modal dismissable-mask>
    <dl>
      <template v-for="s in shortcuts" :key="s.keys">
        <dt>
          <kbd>{{ s.keys }}</kbd>
        </dt>
        <dd>{{ s.does }}</dd>
      </template>
    </dl>
  </Dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: 3rem 1fr;
  gap: 0.5rem 1rem;
}

kbd {
  padding: 0.1rem 0.5rem;
  font-family: var(--figures);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 4px;
}
</style>
