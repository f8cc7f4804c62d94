<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { useStorage } from "@vueuse/core";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FigureText from "../ui/FigureText.vue";
import { labelled } from "../ui/labelled.ts";
import { showMoney } from "../ui/money.ts";
import WorkingsNote from "../ui/WorkingsNote.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
const ways = [
  { value: "zero", label: "Own produce is free" },
  { value: "market", label: "Own produce at market value" },
] as const;
const own = useStorage<(typeof ways)[number]["value"]>("apron:own-produce", "zero");
const { data: cost, error } = useQuery({
  key: () => ["recipe-cost", props.id, own.value],
  query: () => call("costRecipe", { params: { id: props.id }, query: { own: own.value } }),
  placeholderData: (before) => before,
});
type Part = ReplyOf<"costRecipe">["parts"][number];
const money = (minor: number | null): string =>
  minor === null ? "–" : showMoney(minor, cost.value?.currency ?? session.currency);
const fromWords = { own: "own or given", paid: "paid", board: "price board" } as const;
</script>

<template>
  <ChoiceButtons v-model="own" label="Price of own produce" :choices="ways" />
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div v-if="cost" class="cost">
    <div class="figures">
      <p><span class="soft small">per batch</span> <FigureText :text="money(cost.batchMinor)" /></p>
      <p><span class="soft small">per portion</span> <FigureText :text="money(cost.portionMinor)" /></p>
    </div>
    <DataTable :value="[...cost.parts]" data-testid="cost-table" size="small" class="stacks">
      <Column field="name" v-bind="labelled('Ingredient')" sortable>
        <template #body="{ data }: { data: Part }">
          <span class="name">{{ data.name }}</span>
        </template>
      </Column>
      <Column field="grams" v-bind="labelled('Amount')" sortable class="right">
        <template #body="{ data }: { data: Part }">
          <span class="figure">{{ showGrams(data.grams, session.display) }}</span>
        </template>
      </Column>
      <Column field="per100gMinor" v-bind="labelled('100 g usable')" sortable class="right">
        <template #body="{ data }: { data: Part }">
          <span class="figure">{{ money(data.per100gMinor) }}</span>
        </template>
      </Column>
      <Column field="costMinor" v-bind="labelled('Cost')" sortable class="right">
        <template #body="{ data }: { data: Part }">
          <span class="figure">{{ money(data.costMinor) }}</span>
        </template>
      </Column>
      <Column field="from" v-bind="labelled('Price from')" sortable>
        <template #body="{ data }: { data: Part }">
          <span class="small soft">{{ fromWords[data.from] }}</span>
        </template>
      </Column>
    </DataTable>
    <p v-if="cost.unpriced.length > 0" class="small">No price is known for {{ cost.unpriced.join(", ") }}.</p>
    <p class="small soft">
      From today's stock where there is some; the rest from the simulated price board, whose prices are
      invented.
    </p>
    <WorkingsNote v-if="cost.workings" :text="cost.workings" />
  </div>
</template>

<style scoped>
.cost {
  display: grid;
  gap: 0.8rem;
  max-width: 52rem;
  margin-top: 1rem;
}

.figures {
  display: flex;
  gap: 2.5rem;
}
</style>
