<script setup lang="ts">
import type { Catalogue } from "@apron/core/catalogue";
import type { ReviewedLine, SourceLine } from "@apron/core/exchange";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, ref, useTemplateRef, watch } from "vue";
import IngredientField from "../catalogue/IngredientField.vue";
import { nameOrId } from "../catalogue/name-or-id.ts";
import NewIngredientDialog from "../catalogue/NewIngredientDialog.vue";
import { useSession } from "../client/session.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import QuickPicks from "../ui/QuickPicks.vue";
import TextBox from "../ui/TextBox.vue";
import { askedNameOf, candidatesOf } from "./recipe-review-draft.ts";

/** Everything that can be said of one line: its words, which food it is of, how much. */
const props = defineProps<{
  at: number;
  line: SourceLine;
  /** What it reads as; a line that names several foods reads as several. */
  readings: readonly ReviewedLine[];
  catalogue: Catalogue;
}>();
const emit = defineEmits<{
  text: [text: string];
  split: [place: number];
  apart: [texts: string[]];
  answer: [answer: Pick<SourceLine, "ingredient" | "amount">];
  /** A name that the cook has explained: it need not be asked again. */
  meant: [name: string, ingredient: string];
  leaveOut: [];
}>();
const session = useSession();
const reviewed = computed(() => (props.readings.length === 1 ? props.readings[0] : undefined));
const nameFor = (id: string): string => nameOrId(props.catalogue.ingredients.get(id), id, session.dialect);
const choices = computed(() =>
  (reviewed.value ? candidatesOf(reviewed.value) : []).map((value) => ({ value, label: nameFor(value) })),
);
const text = ref(props.line.text);
const amount = ref(props.line.amount ?? "");
const chosen = ref(props.line.ingredient ?? "");
watch(
  () => props.line,
  (now) => {
    text.value = now.text;
    amount.value = now.amount ?? "";
    chosen.value = now.ingredient ?? "";
  },
);
function name(id: string): void {
  if (id === "" || id === props.line.ingredient) return;
  const asked = reviewed.value && askedNameOf(reviewed.value);
  emit("answer", { ingredient: id });
  if (asked !== undefined) emit("meant", asked, id);
}
watch(chosen, name);
const sayText = (): void => {
  if (text.value.trim() !== props.line.text) emit("text", text.value.trim());
};
const sayAmount = (): void => {
  if (amount.value.trim() !== (props.line.amount ?? "")) emit("answer", { amount: amount.value.trim() });
};
function propose(grams: number): void {
  amount.value = `${grams} g`;
  sayAmount();
}
const box = useTemplateRef<{ $el: HTMLElement }>("box");
const splitHere = (): void => {
  const input = box.value?.$el.matches("input") ? box.value.$el : box.value?.$el.querySelector("input");
  emit("split", (input as HTMLInputElement | null)?.selectionStart ?? 0);
};
const isAdding = ref(false);
const isFood = computed(() => props.line.kind === "ingredient");
</script>

<template>
  <div class="fields">
    <div v-if="isFood" class="row">
      <Button
        v-if="readings.length > 1"
        :label="`Make it ${readings.length} lines`"
        data-testid="apart"
        size="small"
        severity="secondary"
        @click="
          emit(
            'apart',
            readings.map((one) => one.text),
          )
        "
      />
      <template v-else>
        <QuickPicks
          :label="`Which: ${line.text}`"
          :choices="choices"
          data-testid="candidates"
          @picked="name"
        />
        <IngredientField :id="`line-${at}`" v-model="chosen" :usual="[]" />
        <FieldFrame label="Amount" :for="`amount-${at}`">
          <TextBox
            :id="`amount-${at}`"
            v-model="amount"
            placeholder="2 tbsp, 150 g…"
            @blur="sayAmount"
            @keydown.enter.prevent="sayAmount"
          />
        </FieldFrame>
        <Button
          v-if="reviewed?.proposal"
          :label="`Use ${showGrams(reviewed.proposal.grams, session.display)} (${reviewed.proposal.why})`"
          data-testid="use-proposal"
          severity="secondary"
          rounded
          @click="propose(reviewed.proposal.grams)"
        />
        <Button
          v-if="reviewed?.ingredient === null"
          label="Not in the list"
          data-testid="add-own"
          size="small"
          severity="secondary"
          @click="isAdding = true"
        />
      </template>
      <Button
        label="Leave out"
        data-testid="leave-out"
        size="small"
        variant="text"
        :aria-label="`Leave out “${line.text}”`"
        @click="emit('leaveOut')"
      />
    </div>
    <div class="row">
      <FieldFrame label="As written" :for="`text-${at}`" class="wide">
        <TextBox
          :id="`text-${at}`"
          ref="box"
          v-model="text"
          @blur="sayText"
          @keydown.enter.prevent="sayText"
        />
      </FieldFrame>
      <Button
        label="Split at the cursor"
        size="small"
        variant="text"
        data-testid="split-line"
        @mousedown.prevent
        @click="splitHere"
      />
    </div>
    <NewIngredientDialog
      v-if="isFood"
      v-model:open="isAdding"
      :suggested="(reviewed && askedNameOf(reviewed)) ?? ''"
      @added="name"
    />
  </div>
</template>

<style scoped>
.fields {
  display: grid;
  gap: 0.6rem;
}

.row {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem 0.7rem;
  align-items: end;
}

.row > :deep(.picks) {
  flex-basis: 100%;
}

.row > :deep(.field:not(:has(.p-autocomplete))) {
  flex: 0 0 10rem;
}

.row > :deep(.field:has(.p-autocomplete)) {
  flex: 1 1 14rem;
}

.row > :deep(.field.wide) {
  flex: 1 1 20rem;
}
</style>
