<script setup lang="ts">
import type { MakePlan, PlanMake } from "@apron/contract";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import Button from "primevue/button";
import ProblemNote from "../ui/ProblemNote.vue";
import { typedNumber } from "../ui/typed-number.ts";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";

type Scale = PlanMake["scale"];

const props = defineProps<{ plan: MakePlan | undefined; problem?: string | undefined }>();
const scale = defineModel<Scale>({ required: true });
const session = useSession();

const lots = computed(() => props.plan?.scaleChoices.slice(0, 5) ?? []);
const chosenLot = computed(() => (scale.value.kind === "all-of-lot" ? scale.value.lotId : ""));
const servings = computed(() => (props.plan ? trimmedDecimals(props.plan.servings, 1) : ""));

/** What may be filled: containers of a size, or a machine as often as it takes. */
const fills = {
  jar: { label: "× 200 ml jars", scale: { kind: "containers", container: "jar", place: "fridge" } },
  tub: { label: "× 500 ml tubs", scale: { kind: "containers", container: "tub", place: "fridge" } },
  cube: { label: "× 20 ml cubes", scale: { kind: "containers", container: "cube", place: "freezer" } },
  load: { label: "× machine loads", scale: { kind: "loads" } },
} as const;
const fill = ref<keyof typeof fills>("jar");
const count = ref("");
const fillChoices = computed(() =>
  (Object.keys(fills) as (keyof typeof fills)[])
    .filter((one) => one !== "load" || props.plan?.canFill)
    .map((value) => ({ value, label: fills[value].label })),
);
const filling = computed(() => scale.value.kind === "containers" || scale.value.kind === "loads");
function setFill(): void {
  const many = Math.round(Number(count.value));
  if (many > 0) scale.value = { ...fills[fill.value].scale, count: many };
}

function setServings(text: string | undefined): void {
  const wanted = typedNumber(text ?? "") ?? 0;
  if (wanted > 0) scale.value = { kind: "servings", servings: wanted };
}
</script>

<template>
  <div class="chooser" role="group" aria-label="How much to make" data-testid="how-much">
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
    <span class="soft">or</span>
    <div class="servings fill" :class="{ chosen: filling }">
      <TextBox
        v-model="count"
        class="figure"
        inputmode="numeric"
        placeholder="3"
        aria-label="Number to fill"
        data-testid="fill-count"
        autocomplete="off"
        @change="setFill"
      />
      <SelectBox
        id="fill-what"
        v-model="fill"
        name="What to fill"
        :choices="fillChoices"
        @update:model-value="setFill"
      />
    </div>
    <span v-if="lots.length > 0" class="soft">or all of</span>
    <Button
      v-for="lot in lots"
      :key="lot.lotId"
      severity="secondary"
      rounded
      :class="{ picked: chosenLot === lot.lotId }"
      :aria-pressed="chosenLot === lot.lotId"
      @click="scale = { kind: 'all-of-lot', lotId: lot.lotId }"
    >
      {{ lot.name }} <span class="figure">{{ showGrams(lot.grams, session.display) }}</span>
    </Button>
    <ProblemNote v-if="problem" class="whole" :text="problem" />
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

.fill {
  font-weight: 400;
}

.fill :deep(input) {
  width: 4rem;
}

.chosen :deep(input) {
  border: 2px solid var(--action);
}

.chooser :deep(.picked) {
  background: var(--action-wash);
  border: 2px solid var(--action);
}

.workings,
.whole {
  width: 100%;
}
</style>
