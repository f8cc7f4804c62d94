<script setup lang="ts">
import type { InviteMade, Members } from "@apron/contract";
import Button from "primevue/button";
import { ref } from "vue";
import { useAct } from "../client/use-act.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { showInstant } from "../ui/dates.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import InviteCode from "./InviteCode.vue";
import { roleChoices, roleWords } from "./people-words.ts";

defineProps<{ invites: Members["invites"]; isDemo: boolean }>();
const role = ref<"cook" | "owner">("cook");
const made = ref<InviteMade>();
const { act, pending, sentence } = useAct();

async function invite(): Promise<void> {
  made.value = await act("makeInvite", { body: { role: role.value } });
}

async function takeBack(id: string): Promise<void> {
  const done = await act("endInvite", { params: { id } });
  if (done && made.value?.id === id) made.value = undefined;
}

const about = ({ kind, role: as, whose }: Members["invites"][number]): string =>
  kind === "password" ? `New password for ${whose}` : `Invitation: ${roleWords[as].toLowerCase()}`;
</script>

<template>
  <section class="card" aria-labelledby="invite-head" data-testid="invites">
    <h2 id="invite-head">Invite a cook</h2>
    <p v-if="isDemo" class="soft">
      Nobody can be invited to the demo kitchen. Set up your own kitchen first: sign out and choose “Set up
      your own kitchen”.
    </p>
    <template v-else>
      <p class="soft small">
        Cooks do everything in the kitchen. Owners also invite and remove people, and can delete the kitchen.
      </p>
      <ChoiceButtons v-model="role" label="Invite as" :choices="roleChoices" />
      <Button label="Create invitation" :loading="pending" data-testid="invite" @click="invite" />
      <ProblemNote :text="sentence" />
      <InviteCode
        v-if="made"
        :made="made"
        title="Invitation"
        lead="Read the code out, send the link, or have it scanned. It works once."
      />
      <template v-if="invites.length > 0">
        <h3>Open invitations</h3>
        <ul>
          <li v-for="one in invites" :key="one.id">
            <span
              >{{ about(one) }} <span class="soft small">until {{ showInstant(one.expiresAt) }}</span></span
            >
            <Button
              label="Cancel invitation"
              size="small"
              variant="text"
              :disabled="pending"
              @click="takeBack(one.id)"
            />
          </li>
        </ul>
      </template>
    </template>
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.7rem;
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
