<script setup lang="ts">
import TextBox from "../ui/TextBox.vue";
import type { PartDraft } from "./part-draft.ts";

const parts = defineModel<PartDraft[]>({ required: true });
</script>

<template>
  <fieldset>
    <legend>What else came off</legend>
    <div v-for="(part, i) in parts" :key="part.part" class="part">
      <label :for="`part-${i}`">
        <span class="name">{{ part.part }}</span>
        <span v-if="part.use" class="soft small"> {{ part.use }}</span>
      </label>
      <TextBox
        :id="`part-${i}`"
        :model-value="part.text"
        class="figure"
        autocomplete="off"
        inputmode="decimal"
        :placeholder="part.suggestedG > 0 ? `about ${part.suggestedG}` : '0'"
        @update:model-value="part.text = $event ?? ''"
      />
      <button
        type="button"
        :aria-pressed="part.fate === 'keep'"
        @click="part.fate = part.fate === 'keep' ? 'compost' : 'keep'"
      >
        {{ part.fate === "keep" ? "keep" : "compost" }}
      </button>
    </div>
  </fieldset>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 0.4rem;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0;
  font-size: 0.875rem;
  font-weight: 600;
}

.part {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 7rem 6.5rem;
  gap: 0.6rem;
  align-items: center;
}

.name {
  font-weight: 550;
}

button {
  min-height: 44px;
  font: inherit;
  font-size: 0.9rem;
  color: var(--ink);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

button[aria-pressed="true"] {
  border-color: var(--action);
  background: var(--action-wash);
}
</style>
