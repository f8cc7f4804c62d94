<script setup lang="ts">
import type { BareNumber } from "@apron/core/catalogue";
import { computed } from "vue";
import QuickPicks from "../ui/QuickPicks.vue";

/** "2 pieces or 2 g?": a bare number is said in full with one tap, the likelier first. */
const props = defineProps<{ bare: BareNumber }>();
const emit = defineEmits<{ answered: [text: string] }>();
const choices = computed(() => {
  const both = [
    { value: "pieces", label: props.bare.pieces },
    { value: "grams", label: props.bare.grams },
  ];
  return props.bare.likelier === "pieces" ? both : both.toReversed();
});
const answer = (value: string): void =>
  emit("answered", value === "pieces" ? props.bare.pieces : props.bare.grams);
</script>

<template>
  <QuickPicks label="Pieces or grams?" data-testid="pieces-or-grams" :choices="choices" @picked="answer" />
</template>
