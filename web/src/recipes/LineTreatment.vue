<script setup lang="ts">
import type { IngredientFacts } from "@apron/core/catalogue";
import Checkbox from "primevue/checkbox";
import { computed } from "vue";
import FieldFrame from "../ui/FieldFrame.vue";
import NumberBox from "../ui/NumberBox.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import type { LineDraft } from "./use-recipe-draft.ts";

/** How a line is trimmed, cooked and added. */
const props = defineProps<{ id: string; facts: IngredientFacts | undefined }>();
const line = defineModel<LineDraft>({ required: true });
const spaced = (method: string): string => method.replaceAll("-", " ");
const cookChoices = computed(() => [
  { value: "raw", label: "eaten raw" },
  { value: "heated", label: "heated, yield unknown" },
  ...(props.facts?.changes ?? []).map((c) => ({ value: c.method, label: spaced(c.method) })),
]);
const cook = computed({
  get: () => line.value.cook ?? (line.value.eatenRaw ? "raw" : "heated"),
  set: (way: string) => {
    line.value.eatenRaw = way === "raw";
    line.value.cook = way === "raw" || way === "heated" ? null : way;
  },
});
const trimChoices = computed(() => [
  { value: "none", label: "not trimmed" },
  ...(props.facts?.trims ?? []).map((t) => ({ value: t.method, label: spaced(t.method) })),
]);
const isGradual = computed({
  get: () => line.value.gradualAddition !== null,
  set: (yes) => {
    line.value.gradualAddition = yes ? { start: 0.66, step: 0.1, most: 1.2 } : null;
  },
});
</script>

<template>
  <div class="fields">
    <SelectField :id="`${id}-cook`" v-model="cook" label="Cooked" :choices="cookChoices" />
    <SelectField
      :id="`${id}-trim`"
      :model-value="line.trim ?? 'none'"
      label="Trimmed"
      :choices="trimChoices"
      @update:model-value="line.trim = $event === 'none' ? null : $event"
    />
    <NumberBox
      :id="`${id}-strong`"
      v-model="line.maxStrongHerbShare"
      label="Strong herbs, at most %"
      :factor="0.01"
      needed
    />
    <FieldFrame label="Group" :for="`${id}-group`">
      <TextBox :id="`${id}-group`" v-model="line.group" />
    </FieldFrame>
    <slot />
  </div>
  <div class="ticks">
    <label><Checkbox v-model="line.optional" binary :input-id="`${id}-optional`" /> optional</label>
    <label><Checkbox v-model="line.toTaste" binary :input-id="`${id}-taste`" /> to taste</label>
    <label><Checkbox v-model="isGradual" binary :input-id="`${id}-gradual`" /> add gradually</label>
    <template v-if="line.gradualAddition">
      <NumberBox
        :id="`${id}-start`"
        v-model="line.gradualAddition.start"
        label="Start with, %"
        :factor="0.01"
        needed
      />
      <NumberBox
        :id="`${id}-step`"
        v-model="line.gradualAddition.step"
        label="Then add, %"
        :factor="0.01"
        needed
      />
      <NumberBox
        :id="`${id}-most`"
        v-model="line.gradualAddition.most"
        label="At most, %"
        :factor="0.01"
        needed
      />
    </template>
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9rem, 1fr));
  gap: 0.6rem;
  align-items: end;
  width: 100%;
}

.ticks {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 1.2rem;
  align-items: end;
}

.ticks label {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}

.ticks :deep(.field) {
  width: 7rem;
}
</style>
