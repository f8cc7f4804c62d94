<script setup lang="ts">
import { useSession } from "../client/session.ts";
import PageHead from "../ui/PageHead.vue";
import BringKitchen from "./BringKitchen.vue";
import DeleteAccount from "./DeleteAccount.vue";
import KitchenList from "./KitchenList.vue";
import KitchenTabs from "./KitchenTabs.vue";
import PasswordForm from "./PasswordForm.vue";
import SessionList from "./SessionList.vue";

/** One's own name, password, devices and kitchens. */
const session = useSession();
</script>

<template>
  <PageHead title="Your account" :lead="`Signed in as ${session.session?.member.name ?? ''}.`" />
  <KitchenTabs>
    <div class="columns">
      <KitchenList />
      <SessionList />
      <p v-if="session.session?.kitchen.demo" class="card soft">
        This is the demo: its cooks keep the password they came with.
      </p>
      <template v-else>
        <PasswordForm />
        <BringKitchen />
        <DeleteAccount />
      </template>
    </div>
  </KitchenTabs>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.2rem;
  align-items: start;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
