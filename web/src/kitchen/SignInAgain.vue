<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Dialog from "primevue/dialog";
import { call } from "../client/api.ts";
import SignInForm from "./SignInForm.vue";

const { data: start } = useQuery({ key: ["start"], query: () => call("startPage", {}) });
</script>

<template>
  <Dialog :visible="true" header="You were signed out" modal :closable="false" :close-on-escape="false">
    <p class="soft">Sign in again. Your entries are still here.</p>
    <SignInForm :demo-cook="start?.demoCook ?? null" />
  </Dialog>
</template>

<style scoped>
p {
  margin-bottom: 1rem;
}
</style>
