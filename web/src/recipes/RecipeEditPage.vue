<script setup lang="ts">
import type { NewFormula } from "@apron/contract";
import { cautionsOfKind, keepingOf, defaultDensity, type DishKind } from "@apron/core/recipes";
import { readYield } from "@apron/core/exchange";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import Textarea from "primevue/textarea";
import { computed, ref, watch } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useAllRecipes, useCatalogue } from "../app/queries.ts";
import { factsOf } from "../app/sent-facts.ts";
import { useSubmit } from "../app/use-submit.ts";
import { sentenceOf } from "../app/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import NumberBox from "../ui/NumberBox.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import LineEditor from "./LineEditor.vue";
import StepEditor from "./StepEditor.vue";
import { kindWords } from "./kind-words.ts";
import { emptyLine, emptyStep, useRecipeDraft } from "./use-recipe-draft.ts";

const props = defineProps<{ id?: string }>();
const router = useRouter();
const notices = useNotices();
const { draft, basedOn, open, discard } = useRecipeDraft(props.id);
const submission = useSubmit<{ id: string; name: string; version: number }>(["formula.lines"]);
const {
  data: recipe,
  error,
  refresh,
} = useQuery({
  key: () => ["recipe", props.id ?? ""],
  query: () => call("getRecipe", { params: { id: props.id ?? "" } }),
  enabled: () => props.id !== undefined,
});
const { data: recipes } = useAllRecipes();
const { data: catalogue } = useCatalogue();
watch(
  recipe,
  (now) => {
    if (now) open(now);
  },
  { immediate: true },
);
if (!props.id) open();

const kinds = Object.entries(kindWords).map(([value, label]) => ({ value: value as DishKind, label }));
const keepingChoices = (place: string) => [
  { value: "none", label: "not kept there" },
  ...(catalogue.value?.keeping ?? [])
    .filter((rule) => rule.place === place)
    .map((rule) => ({ value: rule.subject, label: `${rule.name}: ${rule.days} days` })),
];
/** What a batch is said to make, by mass or by volume; empty where the recipe does not say. */
const makesText = ref("");
const makesProblem = ref("");
watch(
  () => draft.value?.makes,
  (now) => {
    if (now && makesText.value === "")
      makesText.value = now.kind === "mass" ? `${now.grams} g` : `${now.ml} ml`;
  },
  { immediate: true },
);
function setMakes(text: string): void {
  makesText.value = text;
  const now = draft.value;
  if (!now) return;
  const { makes } = readYield(text);
  makesProblem.value = text.trim() === "" || makes ? "" : "Say it like 300 ml or 1.2 kg.";
  now.makes = makes;
}
/** A new kind brings its usual keeping, density and cautions; the cook may set others. */
function setKind(kind: DishKind): void {
  const now = draft.value;
  if (!now) return;
  const known = new Map((catalogue.value?.ingredients ?? []).map((one) => [one.id, one]));
  const facts = now.lines.flatMap((line) => {
    const sent = known.get(line.fillers[0]?.ingredient ?? "");
    return sent ? [factsOf(sent)] : [];
  });
  now.kind = kind;
  now.keeping = { ...keepingOf(kind, facts) };
  now.gramsPerMl = defaultDensity(kind);
  now.cautions = [...new Set([...now.cautions, ...cautionsOfKind(kind)])];
}
const lineProblem = (i: number): string | undefined => submission.sentenceAt(`formula.lines.${i}`);
const movedOn = computed(() => submission.problem.value?.code === "recipe-moved-on");

async function save(): Promise<void> {
  const now = draft.value;
  if (!now) return;
  const formula: NewFormula = { ...now, steps: now.steps.filter((step) => step.text.trim() !== "") };
  const saved = await submission.submit((key) =>
    props.id === undefined
      ? call("saveRecipe", { body: { formula } }, key)
      : call("editRecipe", { params: { id: props.id }, body: { basedOn: basedOn.value, formula } }, key),
  );
  if (!saved) return;
  discard();
  notices.say({
    text: `${saved.name}, version ${saved.version}, is saved. Batches keep the version they were made by.`,
  });
  await router.push(`/recipes/${saved.id}`);
}
/** Somebody was quicker: the cook has looked, and puts this version on top of theirs. */
async function saveOnTop(): Promise<void> {
  const now = Number(submission.problem.value?.measurements["now"]);
  if (now > 0) basedOn.value = now;
  await save();
}
async function dropDraft(): Promise<void> {
  discard();
  await refresh();
  await router.push(props.id ? `/recipes/${props.id}` : "/recipes");
}
</script>

<template>
  <PageHead
    :title="id ? 'Edit a recipe' : 'Write a recipe'"
    :lead="
      id
        ? `On version ${basedOn}. Saving makes a new version; batches keep theirs.`
        : 'A role, an amount and what may fill it, line by line.'
    "
  >
    <div class="tools">
      <Button :label="id ? 'Leave it as it was' : 'Throw it away'" severity="secondary" @click="dropDraft" />
      <Button label="Save" :loading="submission.pending.value" @click="save" />
    </div>
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div v-if="submission.problem.value" class="wrong" role="alert">
    <p>{{ submission.sentence.value ?? "Some line cannot be kept as it stands: see below." }}</p>
    <template v-if="movedOn">
      <div class="tools">
        <Button
          label="See what changed"
          severity="secondary"
          @click="router.push(`/recipes/${id}?view=versions`)"
        />
        <Button label="Save mine on top" @click="saveOnTop" />
      </div>
    </template>
  </div>
  <form v-if="draft" class="form" aria-label="Recipe" @submit.prevent>
    <section class="card head" aria-label="The dish">
      <FieldFrame label="Title" for="recipe-name" :problem="submission.sentenceAt('formula.name')">
        <TextBox id="recipe-name" v-model="draft.name" />
      </FieldFrame>
      <FieldFrame label="Kind" for="edit-kind">
        <SelectBox
          id="edit-kind"
          :model-value="draft.kind"
          name="Kind of dish"
          :choices="kinds"
          @update:model-value="setKind"
        />
      </FieldFrame>
      <NumberBox
        id="recipe-servings"
        :model-value="draft.servings"
        label="Servings"
        needed
        :problem="submission.sentenceAt('formula.servings')"
        @update:model-value="draft.servings = $event"
      />
      <NumberBox
        id="recipe-minutes"
        :model-value="draft.minutes || null"
        label="Minutes"
        :problem="submission.sentenceAt('formula.minutes')"
        @update:model-value="draft.minutes = Math.round($event ?? 0)"
      />
      <FieldFrame label="Makes" for="recipe-makes" :problem="makesProblem || undefined">
        <TextBox
          id="recipe-makes"
          :model-value="makesText"
          placeholder="300 ml"
          @update:model-value="setMakes"
        />
      </FieldFrame>
      <FieldFrame
        label="Keeps in the fridge as"
        for="keep-fridge"
        :problem="submission.sentenceAt('formula.keeping')"
      >
        <SelectBox
          id="keep-fridge"
          :model-value="draft.keeping.fridge ?? 'none'"
          name="Keeping in the fridge"
          :choices="keepingChoices('fridge')"
          @update:model-value="draft.keeping.fridge = $event === 'none' ? null : $event"
        />
      </FieldFrame>
      <FieldFrame label="and in the freezer as" for="keep-freezer">
        <SelectBox
          id="keep-freezer"
          :model-value="draft.keeping.freezer ?? 'none'"
          name="Keeping in the freezer"
          :choices="keepingChoices('freezer')"
          @update:model-value="draft.keeping.freezer = $event === 'none' ? null : $event"
        />
      </FieldFrame>
    </section>
    <section aria-label="Lines">
      <h2>Lines</h2>
      <LineEditor
        v-for="(line, i) in draft.lines"
        :id="`l${i + 1}`"
        :key="line.id"
        v-model="draft.lines[i]!"
        :recipes="(recipes?.recipes ?? []).filter((one) => one.id !== id)"
        :problem="lineProblem(i)"
        @remove="draft.lines.splice(i, 1)"
      />
      <p v-for="(text, i) in draft.unread" :key="text" class="unread small">
        “{{ text }}” was not understood and counts for nothing.
        <Button label="Take it out" size="small" severity="secondary" @click="draft.unread.splice(i, 1)" />
      </p>
      <Button label="Another line" severity="secondary" @click="draft.lines.push(emptyLine())" />
    </section>
    <section aria-label="Steps">
      <h2>Steps</h2>
      <StepEditor
        v-for="(_step, i) in draft.steps"
        :id="`s${i + 1}`"
        :key="i"
        v-model="draft.steps[i]!"
        :number="i + 1"
        @remove="draft.steps.splice(i, 1)"
      />
      <Button label="Another step" severity="secondary" @click="draft.steps.push(emptyStep())" />
    </section>
    <FieldFrame label="Notes on the dish" for="recipe-notes">
      <Textarea id="recipe-notes" v-model="draft.notes" rows="3" auto-resize fluid />
    </FieldFrame>
    <!-- Enter chooses an ingredient in this form; it never saves one half written. -->
    <Button label="Save" size="large" class="save" :loading="submission.pending.value" @click="save" />
  </form>
</template>

<style scoped>
.form,
.wrong {
  display: grid;
  gap: 1.1rem;
}

.wrong {
  gap: 0.5rem;
  margin-bottom: 1rem;
  padding: 0.7rem 0.9rem;
  font-weight: 600;
  background: var(--now-wash);
  border-inline-start: 4px solid var(--now);
  border-radius: var(--p-border-radius-md);
}

.tools {
  display: flex;
  gap: 0.5rem;
}

.head {
  display: grid;
  grid-template-columns: minmax(0, 2fr) minmax(0, 1fr) 6rem 6rem 7rem;
  gap: 0.8rem;
}

.head > :nth-child(6) {
  grid-column: span 2;
}

.head > :nth-child(7) {
  grid-column: span 3;
}

.unread {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  padding: 0.5rem 0;
  color: var(--soon);
}

.save {
  justify-self: start;
}

section > :deep(.p-button) {
  margin-top: 0.7rem;
}

@media (max-width: 900px) {
  .head,
  .head > :nth-child(n + 6) {
    grid-template-columns: minmax(0, 1fr);
    grid-column: auto;
  }
}
</style>
