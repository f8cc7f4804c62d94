<script setup lang="ts">
import type { MakePart } from "@apron/contract";
import { pouring } from "@apron/core/cook";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useScale } from "../client/scale.ts";
import { useSession } from "../client/session.ts";

/** Pouring with the bowl on the scale: how far to the next mark, live, and what went in when the cook says stop. */
const props = defineProps<{ name: string; held: NonNullable<MakePart["gradualAddition"]> }>();
const emit = defineEmits<{ poured: [grams: number] }>();
const scale = useScale();
const session = useSession();
const fromG = ref<number>();
const reading = computed(() => (scale.connected ? scale.reading?.grams : undefined));
const now = computed(() =>
  fromG.value === undefined || reading.value === undefined
    ? undefined
    : pouring(reading.value - fromG.value, props.held),
);
const show = (grams: number): string => showGrams(grams, session.display);
const stageWords = {
  start: "to begin with",
  step: "taste, then to the next mark",
  most: "to the most it should take",
  over: "more than it should take",
} as const;
function stop(): void {
  if (now.value) emit("poured", Math.round(now.value.pouredG * 10) / 10);
  fromG.value = undefined;
}
</script>

<template>
  <div class="pour" role="group" :aria-label="`Pour the ${name} on the scale`" data-testid="pour-down">
    <Button
      v-if="fromG === undefined"
      label="Pour on the scale"
      size="small"
      severity="secondary"
      :disabled="reading === undefined"
      data-testid="pour-start"
      @click="fromG = reading"
    />
    <template v-else-if="now">
      <p class="left figure" :class="now.stage" aria-live="off" data-testid="pour-left">
        {{ now.toGoG < 0 ? "−" : "" }}{{ show(Math.abs(now.toGoG)) }}
      </p>
      <p class="small">
        {{ stageWords[now.stage] }} ({{ show(now.nextG) }}) · <b>{{ show(now.pouredG) }}</b> in
      </p>
      <Button label="That's it" size="small" data-testid="pour-stop" @click="stop" />
      <Button label="Cancel" size="small" variant="text" @click="fromG = undefined" />
    </template>
    <p v-else class="small">The scale doesn't answer. Enter the weight instead.</p>
  </div>
</template>

<style scoped>
.pour {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.8rem;
  align-items: center;
}

.left {
  font-size: 2rem;
}

.over {
  color: var(--now);
}
</style>
