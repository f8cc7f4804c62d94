<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import InviteCard from "./InviteCard.vue";
import KitchenTabs from "./KitchenTabs.vue";
import MemberList from "./MemberList.vue";
import SecurityEventList from "./SecurityEventList.vue";

/** Who cooks here: everybody sees it, its owners change it. */
const session = useSession();
const { data, error } = useQuery({ key: ["members"], query: () => call("listMembers", {}) });
const isOwner = computed(() => session.session?.member.role === "owner");
const isDemo = computed(() => session.session?.kitchen.demo ?? false);
</script>

<template>
  <PageHead title="Cooks" lead="Everyone signs in with a name and password of their own." />
  <KitchenTabs>
    <ProblemNote :text="error ? sentenceOf(error) : undefined" />
    <div v-if="data" class="columns">
      <MemberList :members="data.members" :is-owner="isOwner" :is-demo="isDemo" />
      <InviteCard v-if="isOwner" :invites="data.invites" :is-demo="isDemo" />
    </div>
    <SecurityEventList v-if="isOwner" />
  </KitchenTabs>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.2rem;
  align-items: start;
  margin-bottom: 1.2rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
