<script setup lang="ts">
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, ref } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import FigureText from "../ui/FigureText.vue";
import PlateLayers from "./PlateLayers.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
/** How many eat; null: as many as the recipe serves. */
const eaters = ref<number>();
const { data: plate, error } = useQuery({
  key: () => ["recipe-plate", props.id, eaters.value ?? 0],
  query: () =>
    call("plateRecipe", { params: { id: props.id }, query: eaters.value ? { plates: eaters.value } : {} }),
  placeholderData: (before) => before,
});
const clashWords = {
  "two-watery": "two watery crunches",
  "two-strong-cheeses": "two strong cheeses",
} as const;
const grams = (g: number): string => showGrams(g, session.display);
const mainFlavours = computed(() => {
  const names = plate.value?.dominantFlavours ?? [];
  if (names.length === 0) return "Mild overall.";
  return `${names.join(", ")}.${plate.value?.tooMany ? " One or two are enough." : ""}`;
});
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div v-if="plate" class="columns">
    <PlateLayers v-model:eaters="eaters" :recipe="id" :plate="plate" />
    <div class="side">
      <section class="card" aria-label="Salt budget" data-testid="salt-budget">
        <h2>Salt</h2>
        <div v-for="salt in plate.salt" :key="salt.name">
          <h3 v-if="plate.salt.length > 1">{{ salt.name || "The rest" }}</h3>
          <p v-if="salt.alreadyOver" class="over">
            Already too salty: the ingredients contain up to {{ grams(salt.carried.high) }}.
          </p>
          <p v-else>
            <FigureText :text="grams(salt.addG)" /> salt still to add, for {{ salt.targetPercent }} % of
            {{ grams(salt.massG) }} as eaten.
          </p>
          <p class="small soft">
            Salt in the recipe: {{ grams(salt.inFormulaG) }}. In the other ingredients:
            {{ grams(salt.carried.low) }} to {{ grams(salt.carried.high)
            }}<template v-if="salt.unknown.length > 0">; not known for {{ salt.unknown.join(", ") }}</template
            >. Based on the most they may contain.
          </p>
          <WorkingsNote :text="salt.workings" />
        </div>
      </section>
      <section
        v-if="plate.dressing"
        class="card"
        aria-label="Dressing by weight"
        data-testid="dressing-by-weight"
      >
        <h2>Dressing</h2>
        <p>
          <FigureText :text="showEstimate(plate.dressing.needed, session.display)" /> for
          {{ grams(plate.dressing.leavesG) }} of the rest, {{ plate.dressing.when }}.
        </p>
        <p class="small soft">
          The recipe has {{ grams(plate.dressing.inFormulaG) }}. Rate: {{ plate.dressing.source }}.
        </p>
      </section>
      <section class="card" aria-label="Flavours, bowl and trays">
        <h2>Main flavours</h2>
        <p :class="{ over: plate.tooMany }">{{ mainFlavours }}</p>
        <p v-for="clash in plate.clashes" :key="clash.kind" class="over">
          Too much alike ({{ clashWords[clash.kind] }}): {{ clash.names.join(", ") }}.
        </p>
        <h2>Bowl and trays</h2>
        <p>
          {{ Math.round(plate.bowl.volumeMl / 50) * 50 }} ml.
          <template v-if="plate.bowl.bowlMl">Toss it in a {{ plate.bowl.bowlMl / 1000 }} l bowl.</template>
          <template v-else
            >That is more than the largest bowl. Toss it in
            {{ counted(plate.bowl.inTurns, "part") }}.</template
          >
        </p>
        <p v-if="plate.trays.trays > 0">
          {{ counted(plate.trays.trays, "tray") }} of 30 × 40 cm with {{ grams(plate.trays.eachG) }} each.
          More would steam instead of roasting.
        </p>
      </section>
    </div>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) minmax(18rem, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.side {
  display: grid;
  gap: 0.7rem;
}

h3 {
  font-size: 1rem;
}

.card {
  display: grid;
  gap: 0.35rem;
}

.over {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
