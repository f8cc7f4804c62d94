<script setup lang="ts">
import type { MakePlan, PlanMake } from "@apron/contract";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import TextBox from "../ui/TextBox.vue";
import { computed } from "vue";
import { useSession } from "../app/session.ts";

type Scale = PlanMake["scale"];

const props = defineProps<{ plan: MakePlan | undefined; problem?: string | undefined }>();
const scale = defineModel<Scale>({ required: true });
const session = useSession();

const lots = computed(() => props.plan?.scaleChoices.slice(0, 5) ?? []);
const chosenLot = computed(() => (scale.value.kind === "all-of-lot" ? scale.value.lotId : ""));
const servings = computed(() => (props.plan ? trimmedDecimals(props.plan.servings, 1) : ""));

function setServings(text: string | undefined): void {
  const wanted = Number((text ?? "").replace(",", "."));
  if (wanted > 0) scale.value = { kind: "servings", servings: wanted };
}
</script>

<template>
  <div class="chooser" role="group" aria-label="How much to make">
    <div class="servings">
      <label for="servings">Servings</label>
      <TextBox
        id="servings"
        class="figure"
        inputmode="decimal"
        :model-value="servings"
        autocomplete="off"
        @change="setServings(($event.target as HTMLInputElement).value)"
      />
    </div>
    <span v-if="lots.length > 0" class="soft">or all of the</span>
    <button
      v-for="lot in lots"
      :key="lot.lotId"
      type="button"
      :aria-pressed="chosenLot === lot.lotId"
      @click="scale = { kind: 'all-of-lot', lotId: lot.lotId }"
    >
      {{ lot.name }} <span class="figure">{{ showGrams(lot.grams, session.display) }}</span>
    </button>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="plan" class="soft small workings">{{ plan.workings }}</p>
  </div>
</template>

<style scoped>
.chooser {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem 0.6rem;
  align-items: center;
}

.servings {
  display: flex;
  gap: 0.5rem;
  align-items: center;
  font-weight: 600;
}

.servings :deep(input) {
  width: 5rem;
}

button {
  min-height: 44px;
  padding: 0 0.9rem;
  font: inherit;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

button[aria-pressed="true"] {
  background: var(--action-wash);
  border: 2px solid var(--action);
}

.workings,
.problem {
  width: 100%;
}

.problem {
  font-weight: 600;
  color: var(--now);
}
</style>
