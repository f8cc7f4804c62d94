<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import InputNumber from "primevue/inputnumber";
import { useSession } from "../client/session.ts";
import TextBox from "../ui/TextBox.vue";
import type { ContainerDraft } from "./make-draft.ts";

/** Containers of one kind: how many, what goes into them, and whether it was set aside plain. */
defineProps<{ id: string; name: string; eachG: number | undefined; mayGo: boolean }>();
const row = defineModel<ContainerDraft>({ required: true });
const emit = defineEmits<{ removed: [] }>();
const session = useSession();
const change = (more: Partial<ContainerDraft>): void => {
  row.value = { ...row.value, ...more };
};
</script>

<template>
  <li class="row" data-testid="container-row">
    <span class="name">
      <b>{{ name }}</b>, {{ row.place
      }}<span v-if="eachG !== undefined" class="soft small" data-testid="each">
        · {{ showGrams(eachG, session.display) }} each</span
      >
    </span>
    <Button
      v-if="mayGo"
      label="Remove"
      size="small"
      variant="text"
      :aria-label="`Remove ${name}, ${row.place}`"
      @click="emit('removed')"
    />
    <span class="count">
      <InputNumber
        :model-value="row.count"
        :input-id="`${id}-count`"
        :aria-label="`How many of ${name}, ${row.place}`"
        :min="1"
        :max="500"
        show-buttons
        button-layout="horizontal"
        :pt="{
          incrementButton: { 'data-testid': 'one-more', 'aria-label': 'One more' },
          decrementButton: { 'data-testid': 'one-fewer', 'aria-label': 'One fewer' },
        }"
        @update:model-value="change({ count: Math.max(1, $event ?? 1) })"
      />
      <TextBox
        :model-value="row.text"
        class="figure text"
        inputmode="decimal"
        autocomplete="off"
        placeholder="share"
        :aria-label="`Grams in ${name}, ${row.place}; empty: a share of what is left`"
        :data-testid="`grams-${row.kind}-${row.place}`"
        @update:model-value="change({ text: $event })"
      />
      <label class="plain small">
        <Checkbox
          :model-value="row.isPlain"
          binary
          :input-id="`${id}-plain`"
          @update:model-value="change({ isPlain: $event === true })"
        />
        set aside plain
      </label>
    </span>
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.2rem 0.5rem;
  align-items: center;
  padding: 0.35rem 0;
  border-top: 1px solid var(--line);
}

.count {
  display: flex;
  flex-wrap: wrap;
  grid-column: 1 / -1;
  gap: 0.4rem 0.7rem;
  align-items: center;
}

.count :deep(.p-inputnumber-input) {
  width: 3.4rem;
  text-align: center;
}

.text {
  width: 5.2rem;
  text-align: right;
}

.plain {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}
</style>
