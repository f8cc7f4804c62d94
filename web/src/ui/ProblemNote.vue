<script setup lang="ts">
import Message from "primevue/message";

/** What was wrong with an entry and what to do; says nothing while there is nothing to say. */
defineProps<{ text: string | undefined }>();
</script>

<template>
  <Message v-if="text" severity="error" class="problem">
    <slot>{{ text }}</slot>
  </Message>
</template>
