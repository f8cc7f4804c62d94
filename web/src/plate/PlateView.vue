<script setup lang="ts">
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import { counted } from "../ui/plural.ts";
import FigureText from "../ui/FigureText.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
const { data: plate, error } = useQuery({
  key: () => ["recipe-plate", props.id],
  query: () => call("plateRecipe", { params: { id: props.id }, query: {} }),
});
const layerWords: Readonly<Record<string, string>> = {
  under: "Base",
  body: "Main",
  over: "Topping",
  dressing: "Dressing",
  last: "Last",
};
const clashWords = {
  "two-watery": "two watery crunches",
  "two-strong-cheeses": "two strong cheeses",
} as const;
const grams = (g: number): string => showGrams(g, session.display);
/** The plate is laid from the bottom up, and read from the top down. */
const layers = computed(() => [...(plate.value?.layers ?? [])].reverse());
const mainFlavours = computed(() => {
  const names = plate.value?.dominantFlavours ?? [];
  if (names.length === 0) return "Mild overall.";
  return `${names.join(", ")}.${plate.value?.tooMany ? " One or two are enough." : ""}`;
});
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div v-if="plate" class="columns">
    <section class="layers" aria-label="Layers from top to bottom" data-testid="layers">
      <ol>
        <li v-for="layer in layers" :key="layer.layer" :class="`layer-${layer.layer}`">
          <h2>{{ layerWords[layer.layer] }}</h2>
          <p>
            <span v-for="(part, i) in layer.parts" :key="part.lineId"
              ><template v-if="i > 0">, </template>{{ part.name }}
              <span class="figure small">{{ grams(part.grams) }}</span></span
            >
          </p>
        </li>
      </ol>
      <p class="soft small">Built from the bottom up. What wilts, softens or bleeds goes on last.</p>
    </section>
    <div class="side">
      <section class="card" aria-label="Salt budget" data-testid="salt-budget">
        <h2>Salt</h2>
        <p v-if="plate.salt.alreadyOver" class="over">
          Already too salty: the ingredients contain up to {{ grams(plate.salt.carried.high) }}.
        </p>
        <p v-else>
          <FigureText :text="grams(plate.salt.addG)" /> salt still to add, for
          {{ plate.salt.targetPercent }} % of the whole.
        </p>
        <p class="small soft">
          Salt in the recipe: {{ grams(plate.salt.inFormulaG) }}. In the other ingredients:
          {{ grams(plate.salt.carried.low) }} to {{ grams(plate.salt.carried.high)
          }}<template v-if="plate.salt.unknown.length > 0"
            >; not known for {{ plate.salt.unknown.join(", ") }}</template
          >. Based on the most they may contain.
        </p>
        <WorkingsNote :text="plate.salt.workings" />
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

.layers,
.side {
  display: grid;
  gap: 0.7rem;
}

ol {
  display: grid;
}

ol h2 {
  font-size: 1.05rem;
}

ol li {
  padding: 0.75rem 1.1rem;
  background: var(--card);
  border: 1px solid var(--line);
  border-top-width: 0;
}

ol li:first-child {
  border-top-width: 1px;
  border-radius: var(--radius) var(--radius) 0 0;
}

ol li:last-child {
  border-radius: 0 0 3.5rem 3.5rem;
  text-align: center;
  padding-bottom: 1.3rem;
}

li.layer-last {
  border-inline-start: 5px solid var(--soon);
}

li.layer-dressing {
  background: var(--action-wash);
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
