<script setup lang="ts">
import { Undo2, X } from "@lucide/vue";
import Button from "primevue/button";
import Toast from "primevue/toast";
import { useToast } from "primevue/usetoast";
import { watch } from "vue";
import { useNotices, type Notice } from "../client/notices.ts";
import { useOutbox } from "../client/outbox-store.ts";
import { sentenceOf } from "../client/words.ts";

/** What just happened, with the way back; an undo goes through the outbox like every other write. */
const notices = useNotices();
const outbox = useOutbox();
const toast = useToast();
const shownMs = 12_000;

watch(
  () => notices.current,
  (notice) => {
    toast.removeAllGroups();
    if (notice) toast.add({ severity: "contrast", detail: notice, life: shownMs, closable: false });
  },
);
async function undo({ undo: back }: Notice): Promise<void> {
  notices.dismiss();
  if (!back) return;
  const outcome = await outbox.submit(back.name, back.request as never, "Undo");
  if (outcome.kind === "waiting") return;
  notices.say({ text: outcome.kind === "refused" ? sentenceOf(outcome.problem) : "Undone." });
}
</script>

<template>
  <Toast position="bottom-center">
    <template #container="{ message }">
      <div class="notice" data-testid="notice">
        <span>{{ (message.detail as Notice).text }}</span>
        <Button
          v-if="(message.detail as Notice).undo"
          label="Undo"
          data-testid="undo"
          size="small"
          severity="secondary"
          @click="undo(message.detail as Notice)"
        >
          <template #icon><Undo2 :size="16" aria-hidden="true" /></template>
        </Button>
        <button type="button" class="close" aria-label="Close this notice" @click="notices.dismiss()">
          <X :size="18" aria-hidden="true" />
        </button>
      </div>
    </template>
  </Toast>
</template>

<style scoped>
.notice {
  display: flex;
  align-items: center;
  gap: 0.8rem;
  padding: 0.4rem 0.5rem 0.4rem 1.1rem;
  color: var(--p-linen-50);
  background: var(--p-aubergine-900);
  border: 1px solid var(--p-aubergine-500);
  border-radius: var(--radius);
}

/* What happened starts a sentence, also where it starts with the name of a lot. */
.notice > span {
  flex: 1;
}

.notice > span::first-letter {
  text-transform: uppercase;
}

.notice :deep(.p-button) {
  gap: 0.4rem;
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
</style>

<style>
.p-toast.p-toast-bottom-center {
  width: min(92vw, 34rem);
}

@media (max-width: 820px) {
  .p-toast.p-toast-bottom-center {
    bottom: 9rem !important;
  }
}

@media print {
  .p-toast {
    display: none;
  }
}
</style>
