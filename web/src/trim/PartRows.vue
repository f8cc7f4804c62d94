<script setup lang="ts">
import type { TrimOptions } from "@apron/contract";
import ToggleButton from "primevue/togglebutton";
import { computed } from "vue";
import { useWeightSource } from "../client/use-weight-source.ts";
import PickBox from "../ui/PickBox.vue";
import WeightField from "../ui/WeightField.vue";
import type { PartDraft, TypedPart } from "./part-draft.ts";

/** What came off beside the usable part: the handbook's parts, and any other the cook names. */
const props = defineProps<{ further: TrimOptions["furtherParts"]; parts: readonly PartDraft[] }>();
const emit = defineEmits<{ changed: [part: string, to: TypedPart] }>();
const weights = useWeightSource();
const choices = computed(() =>
  props.further
    .filter((one) => !props.parts.some((p) => p.part === one.part))
    .map((one) => ({ value: one.part, label: one.part })),
);
function add(part: string): void {
  const found = props.further.find((one) => one.part === part);
  if (found) emit("changed", part, { text: "", fate: found.compost ? "compost" : "keep" });
}
const setText = ({ part, fate }: PartDraft, text: string): void => {
  emit("changed", part, { text, fate });
};
const setFate = ({ part, text }: PartDraft, kept: boolean): void => {
  emit("changed", part, { text, fate: kept ? "keep" : "compost" });
};
</script>

<template>
  <fieldset>
    <legend>By-products</legend>
    <div v-for="(part, i) in parts" :key="part.part" class="part">
      <p class="about">
        <span class="name">{{ part.part }}</span>
        <span v-if="part.use" class="soft small">{{ part.use }}</span>
      </p>
      <WeightField
        :id="`part-${i}`"
        :model-value="part.text"
        quiet
        :label="part.part"
        :source="weights"
        :placeholder="part.suggestedG > 0 ? `about ${part.suggestedG}` : '0'"
        @update:model-value="setText(part, $event)"
      />
      <ToggleButton
        class="fate"
        :model-value="part.fate === 'keep'"
        on-label="Keep"
        off-label="Compost"
        :aria-label="`Keep the ${part.part}`"
        @update:model-value="setFate(part, $event)"
      />
    </div>
    <PickBox
      v-if="choices.length > 0"
      id="further-part"
      class="more"
      :choices="choices"
      name="Add a by-product"
      placeholder="Add: flowers, seeds, cores…"
      @picked="add"
    />
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
  grid-template-columns: minmax(0, 1fr) 13rem 6.5rem;
  gap: 0.6rem;
  align-items: center;
}

.about {
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.6rem;
  align-items: baseline;
}

.name {
  font-weight: 550;
}

.more {
  justify-self: start;
  min-width: 19rem;
}

@media (max-width: 620px) {
  .part {
    grid-template-columns: minmax(0, 1fr) 6.5rem;
  }

  .about {
    grid-column: 1 / -1;
  }

  .more {
    min-width: 0;
    width: 100%;
  }
}
</style>
