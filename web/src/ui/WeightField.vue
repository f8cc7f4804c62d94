<script setup lang="ts">
import { Scale } from "@lucide/vue";
import TextBox from "./TextBox.vue";
import type { WeightSource } from "./weight-source.ts";
import { computed, nextTick, onMounted, onUnmounted, ref, useTemplateRef } from "vue";
import FieldFrame from "./FieldFrame.vue";

const props = defineProps<{
  id: string;
  label: string;
  source: WeightSource;
  problem?: string | undefined;
  hint?: string | undefined;
  placeholder?: string;
  /** The label is for screen readers only: what it is of stands beside it. */
  quiet?: boolean;
}>();
const text = defineModel<string>({ required: true });
const emit = defineEmits<{ taken: [grams: number] }>();
const flash = ref(false);
const field = useTemplateRef<{ focus: () => void; announce: () => void }>("field");

const target = {
  take: (grams: number): void => {
    text.value = `${grams} g`;
    flash.value = true;
    setTimeout(() => (flash.value = false), 700);
    emit("taken", grams);
    void nextTick(() => {
      field.value?.announce();
      field.value?.focus();
    });
  },
};
let unregister = (): void => undefined;
onMounted(() => (unregister = props.source.register(target)));
onUnmounted(() => {
  unregister();
});

/** No unit or measure that is typed here starts a word with w, so the key is free for the scale. */
function onKey(event: KeyboardEvent): void {
  if (event.key.toLowerCase() !== "w" || event.ctrlKey || event.metaKey || event.altKey) return;
  event.preventDefault();
  props.source.focus(target);
  props.source.send();
}
function fromScale(): void {
  props.source.focus(target);
  props.source.send();
}
const describedBy = computed(() =>
  props.problem ? `${props.id}-problem` : props.hint ? `${props.id}-hint` : undefined,
);
defineExpose({ focus: () => field.value?.focus() });
</script>

<template>
  <FieldFrame :label="label" :for="id" :problem="problem" :hint="hint" :quiet="quiet">
    <div class="row" :class="{ flash }">
      <TextBox
        :id="id"
        ref="field"
        v-model="text"
        class="input figure"
        autocomplete="off"
        inputmode="text"
        :placeholder="placeholder"
        :invalid="problem !== undefined"
        :aria-describedby="describedBy"
        @focus="source.focus(target)"
        @keydown="onKey"
      />
      <button
        type="button"
        class="from-scale"
        :aria-label="`Take ${label.toLowerCase()} from the scale`"
        title="From the scale (W)"
        @click="fromScale"
      >
        <Scale :size="20" aria-hidden="true" />
      </button>
    </div>
  </FieldFrame>
</template>

<style scoped>
.row {
  display: flex;
}

.input {
  flex: 1;
  min-width: 0;
  font-size: 1.25rem;
  border-start-end-radius: 0;
  border-end-end-radius: 0;
}

.from-scale {
  display: grid;
  place-items: center;
  width: 52px;
  min-height: 44px;
  color: var(--p-linen-50);
  background: var(--p-aubergine-700);
  border: 0;
  border-radius: 0 var(--p-border-radius-md) var(--p-border-radius-md) 0;
  cursor: pointer;
}

.flash .input {
  background: var(--action-wash);
}
</style>
