<script setup lang="ts">
import type { KitchenSettings } from "@apron/contract";
import type { DishKind } from "@apron/core/recipes";
import InputNumber from "primevue/inputnumber";
import { kindWords } from "../recipes/kind-words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";

/** How much this household gets through, and what it has room for; matching never plans more than that. */
const props = defineProps<{ settings: KitchenSettings }>();
const emit = defineEmits<{ changed: [to: Partial<KitchenSettings>] }>();
const kinds = Object.entries(kindWords) as [DishKind, string][];
const setAppetite = (kind: DishKind, portions: number): void => {
  emit("changed", { portionsPerPersonDay: { ...props.settings.portionsPerPersonDay, [kind]: portions } });
};
</script>

<template>
  <div class="pair">
    <FieldFrame label="Freezer room, in portions" for="freezer-room">
      <InputNumber
        :model-value="settings.freezerPortions"
        input-id="freezer-room"
        :min="0"
        :max="5000"
        show-buttons
        fluid
        @update:model-value="emit('changed', { freezerPortions: $event ?? 0 })"
      />
    </FieldFrame>
    <FieldFrame label="Portions of a dish you can give away" for="give-away">
      <InputNumber
        :model-value="settings.givePortions"
        input-id="give-away"
        :min="0"
        :max="5000"
        show-buttons
        fluid
        @update:model-value="emit('changed', { givePortions: $event ?? 0 })"
      />
    </FieldFrame>
  </div>
  <FoldOut title="Portions per person and day">
    <div class="kinds">
      <FieldFrame v-for="[kind, name] in kinds" :key="kind" :label="name" :for="`appetite-${kind}`">
        <InputNumber
          :model-value="settings.portionsPerPersonDay[kind]"
          :input-id="`appetite-${kind}`"
          :min="0"
          :max="10"
          :step="0.25"
          :max-fraction-digits="2"
          show-buttons
          fluid
          @update:model-value="setAppetite(kind, $event ?? 0)"
        />
      </FieldFrame>
    </div>
  </FoldOut>
</template>

<style scoped>
.pair,
.kinds {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(10rem, 1fr));
  gap: 0.7rem;
  align-items: end;
}
</style>
