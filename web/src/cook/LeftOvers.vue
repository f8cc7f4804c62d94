<script setup lang="ts">
import { newId } from "../client/new-id.ts";
import TextBox from "../ui/TextBox.vue";
import Button from "primevue/button";
import { computed } from "vue";
import PickBox from "../ui/PickBox.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import type { LeftOverDraft, PartDraft } from "./make-draft.ts";

const props = defineProps<{ parts: readonly PartDraft[]; problem: string | undefined }>();
const leftOvers = defineModel<LeftOverDraft[]>({ required: true });

const choices = computed(() => {
  const taken = leftOvers.value.map((l) => l.ingredient);
  const open = props.parts.filter((p) => p.from !== "lot" && !taken.includes(p.ingredient));
  return [...new Map(open.map((p) => [p.ingredient, p.name]))].map(([value, label]) => ({ value, label }));
});
function add(ingredient: string): void {
  const name = choices.value.find((c) => c.value === ingredient)?.label ?? ingredient;
  leftOvers.value = [...leftOvers.value, { id: newId(), ingredient, name, text: "" }];
}
const drop = (id: string): void => {
  leftOvers.value = leftOvers.value.filter((l) => l.id !== id);
};
</script>

<template>
  <section class="left" aria-labelledby="left-over">
    <h2 id="left-over">Opened leftovers</h2>
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
      <Button
        label="Remove"
        size="small"
        variant="text"
        :aria-label="`Remove ${l.name}`"
        @click="drop(l.id)"
      />
    </p>
    <PickBox
      v-if="choices.length > 0"
      id="left-over-pick"
      :choices="choices"
      name="Add a leftover"
      placeholder="Half a block, the rest of a tin…"
      @picked="add"
    />
    <ProblemNote :text="problem" />
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
</style>
