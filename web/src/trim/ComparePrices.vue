<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showEstimate } from "@apron/core/measure";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed, ref } from "vue";
import { ApiProblem, call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { useDraft } from "../client/use-draft.ts";
import { sentenceFor, sentenceOf } from "../client/words.ts";
import { gradeNames } from "../basket/lot-draft.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import { labelled } from "../ui/labelled.ts";
import { readMoney, showMoney } from "../ui/money.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";

/** Candidates side by side by what matters: the price of 100 g that can be eaten. */
const props = defineProps<{ ingredient: string; method: string }>();
const session = useSession();
type Buys = ReplyOf<"compareBuys">;
type Buy = Buys["buys"][number];
type Candidate = { label: string; unit: string; price: string; grade: "prime" | "seconds" };
const { draft } = useDraft<{ candidates: Candidate[]; wanted: string }>(`prices:${props.ingredient}`, () => ({
  candidates: [
    { label: "market", unit: "1 bunch", price: "", grade: "prime" },
    { label: "shop", unit: "1 kg", price: "", grade: "prime" },
  ],
  wanted: "500",
}));
const candidates = computed(() => draft.value.candidates);
const problem = ref<{ field: string; text: string }>();
const problemAt = (field: string): string | undefined =>
  problem.value?.field === field ? problem.value.text : undefined;
const compared = ref<Buys>();
const add = (): void => {
  draft.value.candidates.push({ label: "", unit: "1 kg", price: "", grade: "seconds" });
};
const money = (minor: number): string => showMoney(minor, session.currency);
const unitOf = (label: string): string => candidates.value.find((one) => one.label === label)?.unit ?? "";
const verdict = computed(() => {
  const [best, next] = compared.value?.buys ?? [];
  if (!best) return "";
  if (!next) return `${best.label}: ${money(best.per100g.value)} per 100 g usable.`;
  return compared.value?.clear
    ? `${best.label} is cheaper.`
    : `${best.label} looks cheaper, but ${next.label} may turn out as good.`;
});
async function compare(): Promise<void> {
  const refuse = (code: string, field: string, text = ""): void => {
    problem.value = { field, text: sentenceFor({ code, text }) };
  };
  problem.value = undefined;
  const priced = candidates.value.map((one) => ({ ...one, priceMinor: readMoney(one.price) }));
  const unpriced = priced.findIndex((one) => one.priceMinor === undefined);
  if (unpriced >= 0) return refuse("money-not-understood", `candidates.${unpriced}.priceMinor`);
  const usableG = typedGrams(draft.value.wanted);
  if (usableG === undefined) return refuse("amount-not-understood", "usableG", draft.value.wanted);
  const about = { ingredient: props.ingredient, method: props.method, usableG };
  const offers = priced.map(({ price: _typed, priceMinor = 0, ...one }) => ({ ...one, priceMinor }));
  try {
    compared.value = await call("compareBuys", { body: { ...about, candidates: offers } });
  } catch (error) {
    const field = error instanceof ApiProblem ? (error.field ?? "") : "";
    problem.value = { field, text: sentenceOf(error) };
  }
}
</script>

<template>
  <form class="compare" novalidate aria-label="Compare prices" @submit.prevent="compare">
    <div v-for="(one, i) in candidates" :key="i" class="candidate">
      <FieldFrame label="Where" :for="`buy-${i}`" :problem="problemAt(`candidates.${i}.label`)">
        <TextBox :id="`buy-${i}`" v-model="one.label" autocomplete="off" />
      </FieldFrame>
      <FieldFrame label="Sold by" :for="`unit-${i}`" :problem="problemAt(`candidates.${i}.unit`)">
        <TextBox :id="`unit-${i}`" v-model="one.unit" class="figure" autocomplete="off" />
      </FieldFrame>
      <FieldFrame label="Price" :for="`cost-${i}`" :problem="problemAt(`candidates.${i}.priceMinor`)">
        <TextBox
          :id="`cost-${i}`"
          v-model="one.price"
          class="figure"
          inputmode="decimal"
          placeholder="2.40"
          autocomplete="off"
        />
      </FieldFrame>
      <SelectField :id="`grade-${i}`" v-model="one.grade" label="Grade" :choices="gradeNames" />
    </div>
    <div class="foot">
      <FieldFrame label="Usable amount needed" for="compare-wanted" :problem="problemAt('usableG')">
        <TextBox id="compare-wanted" v-model="draft.wanted" class="figure" autocomplete="off" />
      </FieldFrame>
      <Button type="submit" label="Compare" data-testid="compare-prices" />
      <Button v-if="candidates.length < 8" label="Add an offer" severity="secondary" @click="add" />
    </div>
    <ProblemNote :text="problemAt('')" />
    <div v-if="compared" role="status" class="answer">
      <p class="verdict">{{ verdict }}</p>
      <DataTable :value="[...compared.buys]" data-key="label" size="small" class="stacks">
        <Column field="label" v-bind="labelled('Where')" sortable />
        <Column field="per100g.value" v-bind="labelled('100 g usable')" sortable class="right">
          <template #body="{ data }: { data: Buy }">
            <span class="figure">{{ money(data.per100g.value) }}</span>
            <span class="soft small"> {{ money(data.per100g.low) }}–{{ money(data.per100g.high) }}</span>
          </template>
        </Column>
        <Column v-bind="labelled('Usable in one')" class="right">
          <template #body="{ data }: { data: Buy }">
            <span class="figure">{{ showEstimate(data.usablePerUnit, session.display) }}</span>
          </template>
        </Column>
        <Column field="safePriceMinor" v-bind="labelled('Buy, to be safe')" sortable class="right">
          <template #body="{ data }: { data: Buy }">
            <span class="figure"
              >{{ data.safeUnits }} × {{ unitOf(data.label) }}, {{ money(data.safePriceMinor) }}</span
            >
          </template>
        </Column>
      </DataTable>
    </div>
  </form>
</template>

<style scoped>
.compare,
.answer {
  display: grid;
  gap: 0.6rem;
}

.candidate {
  display: grid;
  grid-template-columns: 1.3fr 1fr 0.8fr 1fr;
  gap: 0.6rem;
}

.compare :deep(.p-inputtext),
.compare :deep(.p-select) {
  width: 100%;
}

.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: end;
}

.verdict {
  font-weight: 600;
}

.verdict::first-letter {
  text-transform: uppercase;
}

@media (max-width: 620px) {
  .candidate {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
