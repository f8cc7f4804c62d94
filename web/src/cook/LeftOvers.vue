<script setup lang="ts">
import TextBox from "../ui/TextBox.vue";
import Select from "primevue/select";
import { computed, ref } from "vue";
import type { LeftOverDraft, PartDraft } from "./use-make-form.ts";

const props = defineProps<{ parts: readonly PartDraft[]; problem: string | undefined }>();
const leftOvers = defineModel<LeftOverDraft[]>({ required: true });
const choice = ref("");

const choices = computed(() => {
  const taken = leftOvers.value.map((l) => l.ingredient);
  const open = props.parts.filter((p) => p.from !== "lot" && !taken.includes(p.ingredient));
  return [...new Map(open.map((p) => [p.ingredient, p.name]))].map(([value, label]) => ({ value, label }));
});
function add(ingredient: string): void {
  const name = choices.value.find((c) => c.value === ingredient)?.label ?? ingredient;
  leftOvers.value = [...leftOvers.value, { id: crypto.randomUUID(), ingredient, name, text: "" }];
  choice.value = "";
}
const drop = (id: string): void => {
  leftOvers.value = leftOvers.value.filter((l) => l.id !== id);
};
</script>

<template>
  <section class="left" aria-labelledby="left-over">
    <h2 id="left-over">Opened and left over</h2>
    <p v-for="l in leftOvers" :key="l.id" class="row">
      <label :for="`left-${l.id}`">{{ l.name }}</label>
      <TextBox
        :id="`left-${l.id}`"
        v-model="l.text"
        class="figure"
        placeholder="grams"
        autocomplete="off"
        inputmode="decimal"
      />
      <button type="button" @click="drop(l.id)">remove</button>
    </p>
    <Select
      v-if="choices.length > 0"
      v-model="choice"
      :options="choices"
      option-label="label"
      option-value="value"
      placeholder="Half a block, the rest of a tin…"
      aria-label="Opened and left over"
      @update:model-value="add"
    />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </section>
</template>

<style scoped>
.left {
  display: grid;
  gap: 0.5rem;
}

.row {
  display: grid;
  grid-template-columns: 1fr 6rem auto;
  gap: 0.5rem;
  align-items: center;
}

.row button {
  min-height: 44px;
  font: inherit;
  font-size: 0.85rem;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

.problem {
  font-weight: 600;
  color: var(--now);
}
</style>
