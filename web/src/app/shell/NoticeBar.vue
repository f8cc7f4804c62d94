<script setup lang="ts">
import { Undo2, X } from "@lucide/vue";
import Button from "primevue/button";
import { useNotices } from "../notices.ts";
import { useRefresh } from "../queries.ts";
import { sentenceOf } from "../words.ts";

const notices = useNotices();
const refresh = useRefresh();

async function undo(): Promise<void> {
  const take = notices.current?.undo;
  notices.dismiss();
  try {
    await take?.();
    await refresh();
    notices.say({ text: "Put back as it was." });
  } catch (error) {
    notices.say({ text: sentenceOf(error) });
  }
}
</script>

<template>
  <div class="bar" role="status" aria-live="polite">
    <div v-if="notices.current" class="notice">
      <span>{{ notices.current.text }}</span>
      <Button v-if="notices.current.undo" label="Undo" size="small" severity="contrast" @click="undo">
        <template #icon><Undo2 :size="16" aria-hidden="true" /></template>
      </Button>
      <button type="button" class="close" aria-label="Close this notice" @click="notices.dismiss()">
        <X :size="18" aria-hidden="true" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.bar {
  position: fixed;
  z-index: 8;
  bottom: 1rem;
  left: 50%;
  translate: -50% 0;
  max-width: min(92vw, 46rem);
}

.notice {
  display: flex;
  align-items: center;
  gap: 0.8rem;
  padding: 0.4rem 0.5rem 0.4rem 1.1rem;
  color: var(--p-linen-50);
  background: var(--p-aubergine-900);
  border: 1px solid var(--p-aubergine-500);
  border-radius: var(--radius);
  box-shadow: 0 8px 24px rgb(0 0 0 / 25%);
}

/* What happened starts a sentence, also where it starts with the name of a lot. */
.notice > span::first-letter {
  text-transform: uppercase;
}

.notice :deep(.p-button) {
  gap: 0.4rem;
  color: var(--p-aubergine-900);
  background: var(--p-linen-100);
  border-color: var(--p-linen-100);
}

.close {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  color: inherit;
  background: none;
  border: 0;
  cursor: pointer;
}

@media (max-width: 820px) {
  .bar {
    bottom: 8.5rem;
    width: 92vw;
  }
}

@media print {
  .bar {
    display: none;
  }
}
</style>
