<script setup lang="ts">
import type { TrimOptions } from "@apron/contract";
import { computed } from "vue";
import { useWeightSource } from "../app/use-weight-source.ts";
import PickBox from "../ui/PickBox.vue";
import WeightField from "../ui/WeightField.vue";
import type { PartDraft } from "./part-draft.ts";

/** What came off beside the usable part: the handbook's parts, and any other the cook names. */
const props = defineProps<{ further: TrimOptions["furtherParts"] }>();
const parts = defineModel<PartDraft[]>({ required: true });
const weights = useWeightSource();
const choices = computed(() =>
  props.further
    .filter((one) => !parts.value.some((p) => p.part === one.part))
    .map((one) => ({ value: one.part, label: one.part })),
);
function add(part: string): void {
  const found = props.further.find((one) => one.part === part);
  if (!found) return;
  const fate = found.compost ? "compost" : "keep";
  parts.value = [...parts.value, { part, use: found.use, suggestedG: 0, text: "", fate }];
}
</script>

<template>
  <fieldset>
    <legend>What else came off</legend>
    <div v-for="(part, i) in parts" :key="part.part" class="part">
      <p class="about">
        <span class="name">{{ part.part }}</span>
        <span v-if="part.use" class="soft small">{{ part.use }}</span>
      </p>
      <WeightField
        :id="`part-${i}`"
        v-model="part.text"
        quiet
        :label="part.part"
        :source="weights"
        :placeholder="part.suggestedG > 0 ? `about ${part.suggestedG}` : '0'"
      />
      <button
        type="button"
        class="fate"
        :aria-pressed="part.fate === 'keep'"
        :aria-label="`Keep the ${part.part}`"
        @click="part.fate = part.fate === 'keep' ? 'compost' : 'keep'"
      >
        {{ part.fate === "keep" ? "keep" : "compost" }}
      </button>
    </div>
    <PickBox
      v-if="choices.length > 0"
      id="further-part"
      class="more"
      :choices="choices"
      name="Something else came off"
      placeholder="Something else: flowers, seeds, cores…"
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

.fate {
  min-height: 44px;
  font: inherit;
  font-size: 0.9rem;
  color: var(--ink);
  background: var(--sunk);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

.fate[aria-pressed="true"] {
  border-color: var(--action);
  background: var(--action-wash);
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
