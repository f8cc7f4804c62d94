<script setup lang="ts">
import { computed } from "vue";
import { useRoute, useRouter } from "vue-router";
import TabSet from "../ui/TabSet.vue";

/** What belongs to the kitchen as a whole, each with its own address. */
const route = useRoute();
const router = useRouter();
const tabs = [
  { value: "kitchen", label: "Settings" },
  { value: "cooks", label: "Cooks" },
  { value: "account", label: "Your account" },
];
const tab = computed({
  get: () => String(route.name),
  set: (name) => void router.replace({ name }),
});
</script>

<template>
  <TabSet v-model="tab" :tabs="tabs"><slot /></TabSet>
</template>
