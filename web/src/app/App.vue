<script setup lang="ts">
import { computed, defineAsyncComponent, ref, watch } from "vue";
import { useRoute } from "vue-router";
import { useSession } from "../client/session.ts";

/** Loaded when somebody is signed in: the page to sign in on needs none of it. */
const AppShell = defineAsyncComponent(() => import("../shell/AppShell.vue"));
const NoticeBar = defineAsyncComponent(() => import("../shell/NoticeBar.vue"));
const SignInAgain = defineAsyncComponent(() => import("../kitchen/SignInAgain.vue"));

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
  <NoticeBar v-if="wasSignedIn" />
</template>
