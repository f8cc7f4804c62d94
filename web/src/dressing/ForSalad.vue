<script setup lang="ts">
import { dressingRates } from "@apron/core/dressing";
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { useDraft } from "../client/use-draft.ts";
import { showDay } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WorkingsNote from "../ui/WorkingsNote.vue";
import WeighJarBack from "./WeighJarBack.vue";

/** How much dressing a salad takes, by its kind; how much is left, and how long that keeps. */
const props = defineProps<{ lines: readonly { readonly id: string }[]; madeG: number }>();
const session = useSession();
const { draft } = useDraft("dressing-salad", () => ({ group: "tender-leaves", salad: "240" }));
const groups = dressingRates.map((rate) => ({ value: rate.group, label: rate.group.replaceAll("-", " ") }));
const rate = computed(() => dressingRates.find((one) => one.group === draft.value.group));
const saladG = computed(() => typedGrams(draft.value.salad));
const madeG = computed(() => Math.round(props.madeG));
const { data: needed } = useQuery({
  key: () => ["dressing-needed", draft.value.group, saladG.value ?? 0, madeG.value],
  query: () =>
    call("dressingForSalad", {
      query: { group: draft.value.group, saladG: saladG.value ?? 0, madeG: madeG.value },
    }),
  enabled: () => (saladG.value ?? 0) > 0,
  placeholderData: (earlier) => earlier,
});
const ingredients = computed(() => props.lines.map((line) => line.id).join());
const { data: shelfLife } = useQuery({
  key: () => ["dressing-shelf-life", ingredients.value],
  query: () => call("dressingShelfLife", { query: { ingredients: ingredients.value } }),
  enabled: () => ingredients.value !== "",
  placeholderData: (earlier) => earlier,
});
const left = computed(() => needed.value?.left);
const grams = (g: number): string => showGrams(g, session.display);
const workings = computed(() => {
  if (!rate.value || !needed.value) return "";
  const keeping = shelfLife.value
    ? ` Keeping: ${shelfLife.value.reason} (${shelfLife.value.source}). ${shelfLife.value.mustNever}`
    : "";
  return `${rate.value.grams} g (${rate.value.low}–${rate.value.high}) per 100 g: ${needed.value.source}; ${needed.value.ownWeighings} own jars weighed.${keeping}`;
});
</script>

<template>
  <div class="salad">
    <SelectField id="salad-kind" v-model="draft.group" label="Salad" :choices="groups" name="Kind of salad" />
    <FieldFrame label="Weight" for="salad-grams">
      <TextBox id="salad-grams" v-model="draft.salad" class="figure" autocomplete="off" />
    </FieldFrame>
    <div v-if="needed && rate && saladG" role="status">
      <p>
        <b class="figure">{{ showEstimate(needed.grams, session.display) }}</b> of dressing for
        {{ grams(saladG) }} {{ rate.group.replaceAll("-", " ") }}.
      </p>
      <p v-if="left && left.value > 1" data-testid="dressing-left">
        <b class="figure">{{ showEstimate(left, session.display) }}</b> left over<template v-if="shelfLife"
          >; use by <b>{{ showDay(shelfLife.on) }}</b> if made today and kept in the fridge</template
        >.
      </p>
      <p v-else>That uses all of it. Make more.</p>
      <p class="soft small">{{ rate.when }} · {{ rate.examples }}</p>
      <WorkingsNote :text="workings" />
    </div>
    <p v-else class="soft">Enter a weight, like 240.</p>
  </div>
  <FoldOut title="Weigh the jar after dressing" data-testid="weigh-jar" quiet>
    <WeighJarBack :group="draft.group" :salad-g="saladG" />
  </FoldOut>
</template>

<style scoped>
.salad {
  display: grid;
  grid-template-columns: 13rem 7rem minmax(0, 1fr);
  gap: 0.8rem;
  align-items: start;
}

.salad :deep(.p-select),
.salad :deep(.p-inputtext) {
  width: 100%;
}

@media (max-width: 720px) {
  .salad {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
