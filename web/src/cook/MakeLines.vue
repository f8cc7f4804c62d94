<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showGrams, showPercent } from "@apron/core/measure";
import { partName } from "@apron/core/recipes";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import { labelled } from "../ui/labelled.ts";
import { useOpenRows } from "../ui/open-rows.ts";
import FoldOut from "../ui/FoldOut.vue";
import TextBox from "../ui/TextBox.vue";
import { hasTwoForms, inBothForms } from "../recipes/line-words.ts";
import { piecesWords } from "../recipes/piece-words.ts";
import type { PartDraft } from "./make-draft.ts";
import ChangeLine from "./ChangeLine.vue";
import PourDown from "./PourDown.vue";
import WeighBack from "./WeighBack.vue";

const props = defineProps<{
  plan: MakePlan;
  parts: readonly PartDraft[];
  sentenceAt: (field: string) => string | undefined;
}>();
const emit = defineEmits<{
  used: [key: string, text: string];
  take: [lotId: string, lineId: string];
  swapped: [lineId: string, ingredient: string];
  /** As in the recipe again; what joined it goes. */
  unchanged: [lineId: string];
  leftOut: [lineId: string];
}>();
const session = useSession();
const fromWords = { lot: "from the basket", staple: "from the shelf", buy: "to buy" } as const;
const lineOf = (part: PartDraft) => props.plan.lines.find((line) => line.lineId === part.lineId);
/** Which lot it comes from, in which form, and what is still to be done to it. */
const sourceWords = (part: PartDraft): string =>
  [
    fromWords[part.from] + (part.form ? `, ${part.form}` : ""),
    part.toDo ? `still to do: ${part.toDo.words}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
/** What is said of a whole line stands with its first part. */
const isFirst = (part: PartDraft): boolean => {
  const first = lineOf(part)?.parts[0];
  return first?.lotId === part.lotId && first.ingredient === part.ingredient;
};
const othersOf = (part: PartDraft) => (isFirst(part) ? (lineOf(part)?.others ?? []) : []);
const otherWords = (other: MakePlan["lines"][number]["others"][number]): string => {
  const todo = other.toDo ? `, still to do: ${other.toDo}` : "";
  return `${showGrams(other.grams, session.display)} ${other.name}${other.instead ? " instead" : ""} (${other.form}${todo})`;
};
const rows = computed(() => [...props.parts]);
/** Rows that are open under their line, and for what: weighing back what was poured, or changing the line. */
const { rows: openRows, isOpen, setOpen } = useOpenRows();
const openFor = ref<Readonly<Record<string, "pour" | "change">>>({});
function toggle(key: string, what: "pour" | "change"): void {
  const isSame = isOpen(key) && openFor.value[key] === what;
  openFor.value = { ...openFor.value, [key]: what };
  setOpen(key, !isSame);
}
const isOpenFor = (key: string, what: "pour" | "change"): boolean =>
  isOpen(key) && openFor.value[key] === what;
const changeWords = { swapped: "instead of what the recipe says", joined: "not in the recipe" } as const;
const changeOf = (part: PartDraft) => (isFirst(part) ? (lineOf(part)?.change ?? null) : null);
function done(key: string): void {
  setOpen(key, false);
}
const errorWords = (error: number): string =>
  Math.abs(error) < 0.005
    ? ""
    : ` (${error > 0 ? "+" : "−"}${showPercent(Math.abs(error)).replace(" ", "\u00a0")})`;
/** Gradual addition, to taste, optional: what else the line says to the cook. */
function handWords(part: PartDraft): string {
  const line = lineOf(part);
  if (!line) return "";
  const { gradualAddition, pieces } = part;
  const show = (g: number): string => showGrams(g, session.display);
  return [
    pieces ? piecesWords(pieces, session.display) : "",
    gradualAddition
      ? `start with ${show(gradualAddition.startG)}, add ${show(gradualAddition.stepG)} at a time, up to ${show(gradualAddition.mostG)}`
      : "",
    isFirst(part) && hasTwoForms(line) && !(pieces && line.asBoughtG != null)
      ? inBothForms({ ...line, grams: line.wantedG }, session.display)
      : "",
    line.toTaste ? "to taste" : "",
    line.optional ? "optional" : "",
    line.group ? `for: ${partName(line.group)}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
const problemAt = (part: PartDraft): string | undefined => {
  const sent = props.parts.filter((p) => p.text.trim() !== "" && p.text.trim() !== "0");
  return props.sentenceAt(`used.${sent.indexOf(part)}.grams`);
};
</script>

<template>
  <DataTable :expanded-rows="openRows" :value="rows" data-key="key" size="small" class="stacks lines">
    <Column v-bind="labelled('Ingredient')">
      <template #body="{ data }: { data: PartDraft }">
        <span class="what">
          <span class="name strong">{{ data.name }}</span>
          <span class="soft small"> {{ lineOf(data)?.preparation }}</span>
          <span v-if="changeOf(data)" class="changed small">{{
            changeWords[changeOf(data) ?? "swapped"]
          }}</span>
          <span v-if="handWords(data)" class="hand small">{{ handWords(data) }}</span>
          <span class="from small">
            <span :class="data.from">{{ sourceWords(data) }}</span>
            <span class="line-acts">
              <Button
                label="Weigh back"
                size="small"
                variant="text"
                :aria-expanded="isOpenFor(data.key, 'pour')"
                :aria-label="`Weigh back the ${data.name}`"
                data-testid="weigh-back"
                @click="toggle(data.key, 'pour')"
              />
              <Button
                v-if="isFirst(data) && changeOf(data) === null"
                label="Change"
                size="small"
                variant="text"
                :aria-expanded="isOpenFor(data.key, 'change')"
                :aria-label="`Change the ${data.name}`"
                :data-testid="`change-${data.lineId}`"
                @click="toggle(data.key, 'change')"
              />
              <Button
                v-else-if="isFirst(data)"
                :label="changeOf(data) === 'joined' ? 'Remove' : 'As in the recipe'"
                size="small"
                variant="text"
                :aria-label="`${data.name}: ${changeOf(data) === 'joined' ? 'remove' : 'as in the recipe'}`"
                :data-testid="`unchanged-${data.lineId}`"
                @click="emit('unchanged', data.lineId)"
              />
            </span>
          </span>
          <FoldOut
            v-if="othersOf(data).length > 0"
            :title="`Other lots that fit (${othersOf(data).length})`"
            :data-testid="`others-${data.lineId}`"
            quiet
            class="others"
          >
            <span v-for="other in othersOf(data)" :key="other.lotId" class="from small">
              {{ otherWords(other) }}
              <Button
                label="Use this"
                size="small"
                variant="text"
                :aria-label="`Use ${otherWords(other)} for ${data.name}`"
                :data-testid="`use-${other.lotId}`"
                @click="emit('take', other.lotId, data.lineId)"
              />
            </span>
          </FoldOut>
        </span>
      </template>
    </Column>
    <Column v-bind="labelled('Weight')" class="right">
      <template #body="{ data }: { data: PartDraft }">
        <span class="figure"
          >{{ data.scale.text }}<span class="soft error small">{{ errorWords(data.scale.error) }}</span></span
        >
      </template>
    </Column>
    <Column v-bind="labelled('Or by spoon')">
      <template #body="{ data }: { data: PartDraft }">
        <span class="small">
          <template v-if="data.spoon"
            >{{ data.spoon.text }}<span class="soft error">{{ errorWords(data.spoon.error) }}</span></template
          >
          <span v-if="data.whole" class="whole"
            >{{ data.whole.text }}<span class="soft error">{{ errorWords(data.whole.error) }}</span></span
          >
        </span>
      </template>
    </Column>
    <Column v-bind="labelled('Really used, g')" class="right">
      <template #body="{ data }: { data: PartDraft }">
        <span>
          <TextBox
            class="figure used"
            autocomplete="off"
            inputmode="decimal"
            :model-value="data.text"
            :aria-label="`${data.name} really used, grams`"
            data-testid="used-grams"
            :invalid="problemAt(data) !== undefined"
            @update:model-value="emit('used', data.key, $event)"
          />
          <span v-if="problemAt(data)" class="wrong small" role="alert">{{ problemAt(data) }}</span>
        </span>
      </template>
    </Column>
    <template #expansion="{ data, index }: { data: PartDraft; index: number }">
      <ChangeLine
        v-if="isOpenFor(data.key, 'change')"
        :recipe="plan.recipeId"
        :line="data.lineId"
        :name="data.name"
        :batches="plan.batches"
        @swapped="(done(data.key), emit('swapped', data.lineId, $event))"
        @left-out="(done(data.key), emit('leftOut', data.lineId))"
      />
      <template v-else>
        <PourDown
          v-if="data.gradualAddition"
          :name="data.name"
          :held="data.gradualAddition"
          @poured="emit('used', data.key, String($event))"
        />
        <WeighBack :id="`pour-${index}`" :name="data.name" @poured="emit('used', data.key, String($event))" />
      </template>
    </template>
  </DataTable>
</template>

<style scoped>
.what,
.hand,
.changed,
.whole,
.from {
  display: block;
}

.hand {
  color: var(--action);
}

.changed {
  font-weight: 600;
}

.strong {
  font-weight: 600;
}

.from {
  color: var(--soft-ink);
}

.line-acts {
  white-space: nowrap;
}

.lot {
  color: var(--action);
}

.buy {
  font-weight: 600;
  color: var(--soon);
}

.from :deep(.p-button) {
  min-height: 1.6rem;
  padding: 0 0.4rem;
}

.error {
  white-space: nowrap;
}

.used {
  width: 5.2rem;
  text-align: right;
}

@media (pointer: coarse) {
  .from :deep(.p-button) {
    min-height: 44px;
  }
}
</style>
