<script setup lang="ts">
import type { PlateView } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import OrderList from "primevue/orderlist";
import { computed, ref, watch } from "vue";
import { useNotices } from "../client/notices.ts";
import { useRecipe } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import NumberBox from "../ui/NumberBox.vue";
import ProblemNote from "../ui/ProblemNote.vue";

/** What goes on the plate, top down, as it lies there; its order can be dragged and is kept with the recipe. */
const props = defineProps<{ recipe: string; plate: PlateView }>();
const eaters = defineModel<number | undefined>("eaters", { required: true });
type Layer = PlateView["layers"][number];
const session = useSession();
const notices = useNotices();
const submission = useSubmit();
const { data: kept } = useRecipe(() => props.recipe);
const grams = (g: number): string => showGrams(g, session.display);
/** The plate is laid from the bottom up, and read from the top down. */
const layers = ref<Layer[]>([]);
watch(
  () => props.plate,
  (plate) => (layers.value = [...plate.layers].reverse()),
  { immediate: true },
);
/** What is hidden from a reader must not be reached by the keyboard either. */
const unreachable = { tabindex: -1 };
const keysOf = (list: readonly Layer[]): string[] => [...list].reverse().map(({ key }) => key);
const isMoved = computed(
  () => keysOf(layers.value).join() !== props.plate.layers.map(({ key }) => key).join(),
);
const isGuessed = computed(() => props.plate.layers.some((layer) => layer.isGuess));
const plates = computed({
  get: () => eaters.value ?? Math.round(props.plate.plates),
  set: (count: number) => (eaters.value = count >= 1 ? count : undefined),
});
async function save(order: string[]): Promise<void> {
  const recipe = kept.value;
  if (!recipe) return;
  const { id, ...formula } = recipe.formula;
  const body = {
    basedOn: recipe.version,
    formula: { ...formula, layers: order },
    note: "order on the plate",
  };
  const saved = await submission.submit("editRecipe", { params: { id }, body }, "order on the plate");
  if (saved)
    notices.say({ text: order.length > 0 ? "Saved the order." : "The order follows the steps again." });
}
</script>

<template>
  <section class="layers" aria-label="Layers from top to bottom" data-testid="layers">
    <div class="plates">
      <NumberBox id="plate-count" v-model="plates" label="Plates" needed />
    </div>
    <OrderList
      v-model="layers"
      data-key="key"
      scroll-height="none"
      aria-label="Layers from top to bottom"
      :pt="{ pcListbox: { hiddenFirstFocusableEl: unreachable, hiddenLastFocusableEl: unreachable } }"
    >
      <template #option="{ option, index }: { option: Layer; index: number }">
        <div class="layer" :class="{ last: option.isLast, bottom: index === layers.length - 1 }">
          <p class="head">
            <b v-if="option.name">{{ option.name }}</b>
            <b v-else>{{ option.parts.map((part) => part.name).join(", ") }}</b>
            <span v-if="option.isLast" class="small mark">goes on last</span>
            <span v-else-if="option.isGuess" class="small soft">a guess: the steps don't say</span>
          </p>
          <p class="small">
            <b class="figure">{{ grams(option.eachG) }}</b> on each plate<template
              v-if="option.parts.length > 1"
              ><span class="soft">
                ·
                <template v-for="(part, i) in option.parts" :key="part.lineId"
                  ><template v-if="i > 0">, </template>{{ part.name }} {{ grams(part.grams) }}</template
                ></span
              ></template
            >
          </p>
        </div>
      </template>
    </OrderList>
    <div class="acts">
      <Button
        v-if="isMoved"
        label="Save this order"
        size="small"
        data-testid="save-layers"
        :loading="submission.pending.value"
        @click="save(keysOf(layers))"
      />
      <Button
        v-if="plate.isOwnOrder"
        label="As in the steps"
        size="small"
        severity="secondary"
        data-testid="layers-by-steps"
        @click="save([])"
      />
    </div>
    <ProblemNote :text="submission.sentence.value" />
    <p class="soft small">
      Read from the top; built from the bottom up, in the order of the steps<template v-if="isGuessed"
        >. What the steps don't place is guessed</template
      >. Drag a layer, or choose it and move it with the arrows.
    </p>
  </section>
</template>

<style scoped>
.layers {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.7rem;
}

.plates {
  width: 7rem;
}

.layer {
  width: 100%;
}

.head {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 0.7rem;
  align-items: baseline;
}

.head b {
  font-family: var(--display);
  font-size: 1.1rem;
}

.mark {
  font-weight: 600;
  color: var(--soon);
}

.acts {
  display: flex;
  gap: 0.5rem;
}

.layers :deep(.p-orderlist) {
  gap: 0.6rem;
}

.layers :deep(.p-listbox) {
  flex: 1;
  min-width: 0;
}

.layers :deep(.p-listbox) {
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.layers :deep(.p-listbox-list-container) {
  max-height: none;
}

.layers :deep(.p-listbox-option) {
  padding: 0.6rem 0.9rem;
  cursor: grab;
  border-bottom: 1px solid var(--line);
}
</style>
