<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showEstimate } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { gradeNames } from "../basket/lot-draft.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import { readMoney, showMoney } from "../ui/money.ts";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";

/** Candidates side by side by what matters: the price of 100 g that can be eaten. */
const props = defineProps<{ ingredient: string; method: string }>();
const session = useSession();
type Candidate = { label: string; unit: string; price: string; grade: "prime" | "seconds" };
const candidates = ref<Candidate[]>([
  { label: "market", unit: "1 bunch", price: "", grade: "prime" },
  { label: "shop", unit: "1 kg", price: "", grade: "prime" },
]);
const wanted = ref("500");
const submission = useSubmit<ReplyOf<"compareBuys">>();
const compared = ref<ReplyOf<"compareBuys">>();
const add = (): void => {
  candidates.value = [...candidates.value, { label: "", unit: "1 kg", price: "", grade: "seconds" }];
};
const money = (minor: number): string => showMoney(minor, session.currency);
const unitOf = (label: string): string => candidates.value.find((one) => one.label === label)?.unit ?? "";
const verdict = computed(() => {
  const [best, next] = compared.value?.buys ?? [];
  if (!best) return "";
  if (!next) return `${best.label}: ${money(best.per100g.value)} for 100 g usable.`;
  return compared.value?.clear
    ? `${best.label} is the cheaper, beyond doubt.`
    : `${best.label} looks cheaper, but ${next.label} may turn out as good.`;
});
async function compare(): Promise<void> {
  const priced = candidates.value.map((one) => ({ ...one, priceMinor: readMoney(one.price) }));
  const unpriced = priced.findIndex((one) => one.priceMinor === undefined);
  if (unpriced >= 0) {
    submission.refuse("money-not-understood", `candidates.${unpriced}.priceMinor`);
    return;
  }
  const usableG = typedGrams(wanted.value);
  if (usableG === undefined) {
    submission.refuse("amount-not-understood", "usableG", { text: wanted.value });
    return;
  }
  const body = {
    ingredient: props.ingredient,
    method: props.method,
    usableG,
    candidates: priced.map(({ label, unit, grade, priceMinor }) => ({
      label,
      unit,
      grade,
      priceMinor: priceMinor ?? 0,
    })),
  };
  compared.value = await submission.submit(() => call("compareBuys", { body }));
}
</script>

<template>
  <form
    class="compare"
    novalidate
    aria-label="Compare prices"
    @submit.prevent="compare"
    @input="submission.forget"
  >
    <div v-for="(one, i) in candidates" :key="i" class="candidate">
      <FieldFrame label="Where" :for="`buy-${i}`" :problem="submission.sentenceAt(`candidates.${i}.label`)">
        <TextBox :id="`buy-${i}`" v-model="one.label" autocomplete="off" />
      </FieldFrame>
      <FieldFrame label="Sold by" :for="`unit-${i}`" :problem="submission.sentenceAt(`candidates.${i}.unit`)">
        <TextBox :id="`unit-${i}`" v-model="one.unit" class="figure" autocomplete="off" />
      </FieldFrame>
      <FieldFrame
        label="Price"
        :for="`cost-${i}`"
        :problem="submission.sentenceAt(`candidates.${i}.priceMinor`)"
      >
        <TextBox
          :id="`cost-${i}`"
          v-model="one.price"
          class="figure"
          inputmode="decimal"
          placeholder="2.40"
          autocomplete="off"
        />
      </FieldFrame>
      <FieldFrame label="Grade" :for="`grade-${i}`">
        <SelectBox :id="`grade-${i}`" v-model="one.grade" :choices="gradeNames" name="Grade" />
      </FieldFrame>
    </div>
    <div class="foot">
      <FieldFrame label="Usable wanted" for="compare-wanted" :problem="submission.sentenceAt('usableG')">
        <TextBox id="compare-wanted" v-model="wanted" class="figure" autocomplete="off" />
      </FieldFrame>
      <Button type="submit" label="Compare" :loading="submission.pending.value" />
      <Button v-if="candidates.length < 8" label="Another" severity="secondary" @click="add" />
    </div>
    <div v-if="compared" role="status" class="answer">
      <p class="verdict">{{ verdict }}</p>
      <table>
        <thead>
          <tr>
            <th scope="col">Where</th>
            <th scope="col" class="right">100 g usable</th>
            <th scope="col" class="right">Usable in one</th>
            <th scope="col" class="right">Buy, to be safe</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="buy in compared.buys" :key="buy.label">
            <td>{{ buy.label }}</td>
            <td class="right figure">
              {{ money(buy.per100g.value) }}
              <span class="soft small">{{ money(buy.per100g.low) }}–{{ money(buy.per100g.high) }}</span>
            </td>
            <td class="right figure">{{ showEstimate(buy.usablePerUnit, session.display) }}</td>
            <td class="right figure">
              {{ buy.safeUnits }} × {{ unitOf(buy.label) }}, {{ money(buy.safePriceMinor) }}
            </td>
          </tr>
        </tbody>
      </table>
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

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.3rem 0.5rem;
  text-align: left;
  border-bottom: 1px solid var(--line);
}

.right {
  text-align: right;
}

@media (max-width: 620px) {
  .candidate {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
