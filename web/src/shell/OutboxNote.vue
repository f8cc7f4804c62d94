<script setup lang="ts">
import { CloudOff } from "@lucide/vue";
import Button from "primevue/button";
import Drawer from "primevue/drawer";
import { ref } from "vue";
import { useOutbox } from "../client/outbox-store.ts";
import { sentenceFor } from "../client/words.ts";
import { counted } from "../ui/plural.ts";

/** Entries that are still on this device, and those that were refused after their form was gone. */
const outbox = useOutbox();
const open = ref(false);
</script>

<template>
  <div v-if="outbox.waiting.length + outbox.refused.length > 0" class="outbox" role="status">
    <Button size="small" severity="warn" @click="open = true">
      <CloudOff :size="16" aria-hidden="true" />
      <span v-if="outbox.waiting.length > 0"
        >{{ counted(outbox.waiting.length, "entry", "entries") }} not sent</span
      >
      <span v-else>{{ counted(outbox.refused.length, "entry", "entries") }} refused</span>
    </Button>
    <Drawer v-model:visible="open" position="right" header="Entries on this device">
      <ul v-if="outbox.waiting.length > 0">
        <li v-for="one in outbox.waiting" :key="one.key">
          <b>{{ one.label || one.name }}</b>
          <span class="soft small">Waiting for the connection. It is sent automatically.</span>
        </li>
      </ul>
      <Button v-if="outbox.waiting.length > 0" label="Try now" size="small" @click="outbox.resume()" />
      <ul v-if="outbox.refused.length > 0">
        <li v-for="one in outbox.refused" :key="one.key">
          <b>{{ one.label || one.name }}</b>
          <span class="wrong small">{{ sentenceFor({ code: one.code }) }}</span>
          <Button label="Discard" size="small" severity="secondary" @click="outbox.discard(one.key)" />
        </li>
      </ul>
    </Drawer>
  </div>
</template>

<style scoped>
ul {
  display: grid;
  gap: 0.8rem;
  margin-bottom: 1rem;
}

li {
  display: grid;
  gap: 0.2rem;
  justify-items: start;
}

.wrong {
  color: var(--now);
}
</style>
