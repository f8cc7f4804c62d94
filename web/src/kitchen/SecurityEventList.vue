<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { call } from "../client/api.ts";
import { showInstant } from "../ui/dates.ts";
import { eventWords } from "./people-words.ts";

/** What happened to who may do what: an owner sees whether it was them. */
const { data } = useQuery({ key: ["security-events"], query: () => call("listSecurityEvents", {}) });
</script>

<template>
  <section class="card" aria-labelledby="events-head" data-testid="security-events">
    <h2 id="events-head">Sign-ins and changes</h2>
    <p v-if="data && data.events.length === 0" class="soft">Nothing recorded yet.</p>
    <ol>
      <li v-for="event in data?.events ?? []" :key="event.id">
        <span class="soft small">{{ showInstant(event.at) }}</span> <span>{{ eventWords(event) }}</span>
      </li>
    </ol>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}

ol {
  display: grid;
  gap: 0.25rem;
  max-height: 22rem;
  overflow-y: auto;
}

li {
  display: grid;
  grid-template-columns: 10.5rem minmax(0, 1fr);
  gap: 0.6rem;
}

@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr);
    gap: 0;
  }
}
</style>
