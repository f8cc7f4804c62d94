<script setup lang="ts">
import { onMounted, onUnmounted, ref } from "vue";

/** Draws what is in it a moment after what stands around it: a page that is drawn all at once keeps a finger waiting. */
const isDrawn = ref(false);
let turn: ReturnType<typeof setTimeout> | undefined;
onMounted(() => (turn = setTimeout(() => (isDrawn.value = true))));
onUnmounted(() => clearTimeout(turn));
</script>

<template>
  <slot v-if="isDrawn" />
</template>
