<script setup lang="ts">
import { nameOf, type Catalogue } from "@apron/core/catalogue";
import type { LineAnswer, RecipeReview, ReviewedLine } from "@apron/core/exchange";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, reactive, ref } from "vue";
import { useSession } from "../app/session.ts";
import { sentenceFor } from "../app/words.ts";
import IngredientField from "../basket/IngredientField.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import { kindWords } from "./kind-words.ts";

/** One recipe, line by line as it was read; nothing is decided until the cook saves. */
const props = defineProps<{ review: RecipeReview; catalogue: Catalogue; busy: boolean }>();
const emit = defineEmits<{ save: [review: RecipeReview, answers: ReadonlyMap<number, LineAnswer>] }>();
const session = useSession();

const title = ref(props.review.title);
const kind = ref(props.review.kind);
const servings = ref(String(props.review.servings ?? ""));
const kinds = Object.entries(kindWords).map(([value, label]) => ({
  value: value as keyof typeof kindWords,
  label,
}));
type Draft = { ingredient: string; grams: string };
const drafts = reactive<Record<number, Draft>>({});
const draftOf = (i: number): Draft => (drafts[i] ??= { ingredient: "", grams: "" });
/** Lines that ask something, or were opened to be read otherwise. */
const opened = ref<number[]>([]);
const asks = (line: ReviewedLine): boolean => line.ingredient === null || line.grams === null;

const nameFor = (id: string): string => {
  const facts = props.catalogue.ingredients.get(id);
  return facts ? nameOf(facts, session.dialect) : id;
};
const grams = (g: number): string => showGrams(g, session.display);
function readAs(line: ReviewedLine): string {
  const name = line.ingredient === null ? "" : nameFor(line.ingredient);
  const amount = line.grams === null ? "" : `${line.weighed ? "" : "about "}${grams(line.grams)} `;
  const marks = [
    line.cook?.replaceAll("-", " ") ?? (line.eatenRaw ? "" : "heated"),
    line.optional ? "optional" : "",
    line.toTaste ? "to taste" : "",
  ].filter(Boolean);
  return `${amount}${name}${marks.length > 0 ? ` (${marks.join(", ")})` : ""}`;
}
const question = (line: ReviewedLine): string => {
  const [first] = line.questions;
  if (first) return sentenceFor(first);
  return line.ingredient === null ? "What is this?" : "How much of it?";
};
const answers = computed(() => {
  const said = new Map<number, LineAnswer>();
  for (const [i, draft] of Object.entries(drafts)) {
    const ingredient = draft.ingredient || null;
    const typed = typedGrams(draft.grams) ?? null;
    if (ingredient !== null || typed !== null)
      said.set(Number(i), { ingredient, grams: typed, leaveAsWords: false });
  }
  return said;
});
const stillOpen = computed(
  () =>
    props.review.lines.filter((line, i) => {
      const answer = answers.value.get(i);
      return (
        (line.ingredient ?? answer?.ingredient ?? null) === null ||
        (line.grams ?? answer?.grams ?? null) === null
      );
    }).length,
);
function save(): void {
  const said = Number(servings.value.replace(",", "."));
  emit(
    "save",
    { ...props.review, title: title.value, kind: kind.value, servings: said > 0 ? said : null },
    answers.value,
  );
}
</script>

<template>
  <form class="review" aria-label="Review" @submit.prevent>
    <div class="head">
      <FieldFrame label="Title" for="review-title">
        <TextBox id="review-title" v-model="title" />
      </FieldFrame>
      <FieldFrame label="Kind" for="review-kind">
        <SelectBox id="review-kind" v-model="kind" name="Kind" :choices="kinds" />
      </FieldFrame>
      <FieldFrame
        label="Servings"
        for="review-servings"
        v-bind="review.servings === null ? { hint: `Not said: ${review.servingsProposal} by weight` } : {}"
      >
        <TextBox
          id="review-servings"
          v-model="servings"
          inputmode="decimal"
          :placeholder="String(review.servingsProposal)"
        />
      </FieldFrame>
    </div>
    <table>
      <thead>
        <tr>
          <th scope="col">As written</th>
          <th scope="col">Read as</th>
          <th scope="col">Role</th>
        </tr>
      </thead>
      <tbody>
        <template v-for="(line, i) in review.lines" :key="i">
          <tr :class="{ asks: asks(line) }">
            <td>
              <span v-if="line.group" class="small soft">{{ line.group }}: </span>{{ line.text }}
            </td>
            <td>
              <template v-if="asks(line)">
                <b>{{ question(line) }}</b>
                <span v-if="line.ingredient" class="soft"> {{ nameFor(line.ingredient) }}</span>
              </template>
              <template v-else>{{ readAs(line) }}</template>
              <span v-if="line.workings && !line.weighed" class="small soft workings">{{
                line.workings
              }}</span>
              <button
                v-if="!asks(line)"
                type="button"
                class="otherwise"
                :aria-label="`Read “${line.text}” otherwise`"
                @click="opened = [...opened, i]"
              >
                otherwise
              </button>
            </td>
            <td class="small">{{ line.role }}</td>
          </tr>
          <tr v-if="asks(line) || opened.includes(i)" class="answer">
            <td colspan="3">
              <div class="fields">
                <IngredientField
                  v-if="line.ingredient === null || opened.includes(i)"
                  :id="`line-${i}`"
                  v-model="draftOf(i).ingredient"
                  :usual="[]"
                  label="It is"
                />
                <FieldFrame label="Grams" :for="`grams-${i}`">
                  <TextBox :id="`grams-${i}`" v-model="draftOf(i).grams" inputmode="decimal" />
                </FieldFrame>
                <button
                  v-if="line.proposal"
                  type="button"
                  class="chip"
                  @click="draftOf(i).grams = String(line.proposal.grams)"
                >
                  start with {{ grams(line.proposal.grams) }} ({{ line.proposal.why }})
                </button>
              </div>
            </td>
          </tr>
        </template>
      </tbody>
    </table>
    <details>
      <summary>{{ review.steps.length }} {{ review.steps.length === 1 ? "step" : "steps" }}</summary>
      <ol>
        <li v-for="(step, i) in review.steps" :key="i">{{ step.text }}</li>
      </ol>
    </details>
    <p v-if="stillOpen > 0" class="small soft">
      {{ stillOpen }} {{ stillOpen === 1 ? "line is" : "lines are" }} kept as written and counted for nothing
      until answered.
    </p>
    <!-- Enter chooses an ingredient in this form; it never sends it off half answered. -->
    <Button label="Save the recipe" size="large" :loading="busy" @click="save" />
  </form>
</template>

<style scoped>
.review {
  display: grid;
  gap: 0.8rem;
  width: 100%;
  justify-items: start;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) 8rem;
  gap: 0.7rem;
  width: 100%;
}

table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.4rem 0.5rem;
  text-align: left;
  vertical-align: top;
  border-bottom: 1px solid var(--line);
}

.asks td {
  background: var(--soon-wash);
  border-bottom: 0;
}

.workings {
  display: block;
}

.fields {
  display: flex;
  flex-wrap: wrap;
  gap: 0.7rem;
  align-items: end;
}

.fields > :deep(.field:not(:has(.p-autocomplete))) {
  flex: 0 0 7rem;
}

.fields > :deep(.field:has(.p-autocomplete)) {
  flex: 1 1 14rem;
}

.otherwise {
  padding: 0.2rem 0.4rem;
  font: inherit;
  font-size: 0.85rem;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

.chip {
  min-height: 44px;
  padding: 0 0.9rem;
  font: inherit;
  color: var(--ink);
  background: var(--action-wash);
  border: 1px solid var(--action);
  border-radius: 99px;
  cursor: pointer;
}

ol {
  padding: 0.4rem 0 0 1.2rem;
  list-style: decimal;
}

@media (max-width: 700px) {
  .head {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
