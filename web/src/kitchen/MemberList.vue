<script setup lang="ts">
import type { InviteMade, Members } from "@apron/contract";
import Button from "primevue/button";
import { useConfirm } from "primevue/useconfirm";
import { computed, ref } from "vue";
import { useAct } from "../client/use-act.ts";
import { showDayOf } from "../ui/dates.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import { roleWords } from "./people-words.ts";
import InviteCode from "./InviteCode.vue";

type Member = Members["members"][number];
const props = defineProps<{ members: Members["members"]; isOwner: boolean; isDemo: boolean }>();
const confirm = useConfirm();
const { act, pending, sentence } = useAct();
const active = computed(() => props.members.filter((member) => !member.hasLeft));
const left = computed(() => props.members.filter((member) => member.hasLeft));
const reset = ref<InviteMade & { readonly name: string }>();

const setRole = (member: Member, role: Member["role"]): void =>
  void act("changeRole", { params: { id: member.id }, body: { role } });

async function offerReset(member: Member): Promise<void> {
  const made = await act("resetPassword", { params: { id: member.id } });
  reset.value = made && { ...made, name: member.name };
}

async function remove(member: Member): Promise<void> {
  const done = await act("removeMember", { params: { id: member.id } });
  if (done && member.isYou) window.location.assign("/sign-in");
}

function askToRemove(member: Member): void {
  confirm.require({
    header: member.isYou ? "Leave this kitchen?" : `Remove ${member.name}?`,
    message: member.isYou
      ? "You can come back only with a new invitation. What you recorded stays, with your name."
      : `${member.name} is signed out at once. What they recorded stays, with their name.`,
    acceptProps: { label: member.isYou ? "Leave" : "Remove", severity: "danger" },
    rejectProps: { label: "Cancel", severity: "secondary" },
    accept: () => void remove(member),
  });
}
</script>

<template>
  <section class="card" aria-labelledby="members-head" data-testid="members">
    <h2 id="members-head">Who cooks here</h2>
    <ul>
      <li v-for="member in active" :key="member.id" :data-testid="`member-${member.name}`">
        <div>
          <b>{{ member.name }}</b><span v-if="member.isYou" class="soft"> (you)</span>
          <p class="soft small">{{ roleWords[member.role] }} · since {{ showDayOf(member.since) }}</p>
        </div>
        <div v-if="active.length > 1 && (isOwner || member.isYou)" class="acts">
          <Button
            v-if="isOwner && !isDemo && !member.isYou"
            label="Reset password"
            size="small"
            variant="text"
            :disabled="pending"
            :aria-label="`Reset ${member.name}'s password`"
            @click="offerReset(member)"
          />
          <Button
            v-if="isOwner"
            :label="member.role === 'owner' ? 'Make a cook' : 'Make an owner'"
            size="small"
            variant="text"
            :disabled="pending"
            :aria-label="`${member.role === 'owner' ? 'Make a cook' : 'Make an owner'}: ${member.name}`"
            @click="setRole(member, member.role === 'owner' ? 'cook' : 'owner')"
          />
          <Button
            :label="member.isYou ? 'Leave' : 'Remove'"
            size="small"
            variant="text"
            severity="danger"
            :disabled="pending"
            :aria-label="member.isYou ? 'Leave this kitchen' : `Remove ${member.name}`"
            @click="askToRemove(member)"
          />
        </div>
      </li>
    </ul>
    <p v-if="left.length > 0" class="soft small">
      No longer cook here: {{ left.map((member) => member.name).join(", ") }}.
    </p>
    <ProblemNote :text="sentence" />
    <InviteCode
      v-if="reset"
      :made="reset"
      :title="`A new password for ${reset.name}`"
      :lead="`Give this code to ${reset.name}. It works once, until tomorrow, and lets them choose a new password.`"
    />
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.7rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.2rem 1rem;
  align-items: center;
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.1rem;
}
</style>
