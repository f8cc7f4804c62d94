<script setup lang="ts">
import { computed, ref, watch } from "vue";
import { useRoute } from "vue-router";
import SignInAgain from "../kitchen/SignInAgain.vue";
import { useSession } from "./session.ts";
import AppShell from "./shell/AppShell.vue";
import NoticeBar from "./shell/NoticeBar.vue";

const store = useSession();
const route = useRoute();
const onBench = computed(() => route.name !== undefined && !route.meta["open"]);
/** Stays true when a session runs out mid-work, so that nothing typed is thrown away. */
const wasSignedIn = ref(false);
watch(
  () => store.session,
  (session) => {
    if (session) wasSignedIn.value = true;
  },
  { immediate: true },
);
</script>

<template>
  <AppShell v-if="onBench && wasSignedIn">
    <RouterView />
  </AppShell>
  <RouterView v-else />
  <SignInAgain v-if="onBench && wasSignedIn && !store.session" />
  <NoticeBar />
</template>
