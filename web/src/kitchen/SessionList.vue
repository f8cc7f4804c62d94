<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { call } from "../client/api.ts";
import { useAct } from "../client/use-act.ts";
import { showInstant } from "../ui/dates.ts";
import ProblemNote from "../ui/ProblemNote.vue";

const { data } = useQuery({ key: ["sessions"], query: () => call("listSessions", {}) });
const { act, pending, sentence } = useAct();
</script>

<template>
  <section class="card" aria-labelledby="sessions-head" data-testid="sessions">
    <h2 id="sessions-head">Where you are signed in</h2>
    <ul>
      <li v-for="one in data?.sessions ?? []" :key="one.id">
        <div>
          <b>{{ one.device || "Unknown device" }}</b><span v-if="one.isThis" class="soft"> (this one)</span>
          <p class="soft small">{{ one.kitchen }} · last used {{ showInstant(one.seenAt) }}</p>
        </div>
        <Button
          v-if="!one.isThis"
          label="Sign out"
          size="small"
          variant="text"
          :disabled="pending"
          :aria-label="`Sign out on ${one.device || 'the unknown device'}`"
          @click="act('endSession', { params: { id: one.id } })"
        />
      </li>
    </ul>
    <Button
      v-if="(data?.sessions.length ?? 0) > 1"
      label="Sign out everywhere else"
      severity="secondary"
      size="small"
      :disabled="pending"
      @click="act('endOtherSessions', {})"
    />
    <ProblemNote :text="sentence" />
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.7rem;
}

ul {
  max-height: 24rem;
  overflow-y: auto;
}

section > :deep(.p-button) {
  justify-self: start;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.2rem 1rem;
  align-items: center;
}
</style>
