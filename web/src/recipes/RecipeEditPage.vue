<script setup lang="ts">
import Button from "primevue/button";
import Message from "primevue/message";
import Textarea from "primevue/textarea";
import { useRouter } from "vue-router";
import { useNotices } from "../client/notices.ts";
import { useAllRecipes, useRecipe } from "../client/queries.ts";
import { sentenceOf } from "../client/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import PageHead from "../ui/PageHead.vue";
import DishFields from "./DishFields.vue";
import LineEditor from "./LineEditor.vue";
import { uncountedWords } from "./line-words.ts";
import StepEditor from "./StepEditor.vue";
import { emptyLine, emptyStep } from "./use-recipe-draft.ts";
import { useRecipeForm } from "./use-recipe-form.ts";

const props = defineProps<{ id?: string }>();
const router = useRouter();
const notices = useNotices();
const { data: recipe, error } = useRecipe(() => props.id);
const { data: recipes } = useAllRecipes();
const form = useRecipeForm(props.id, recipe);
const { draft, basedOn, unreadable, submission } = form;

async function save(saving: () => ReturnType<typeof form.save>): Promise<void> {
  const saved = await saving();
  if (!saved) return;
  notices.say({ text: `Saved ${saved.name}, version ${saved.version}.` });
  await router.push(`/recipes/${saved.id}`);
}
async function discardDraft(): Promise<void> {
  form.discard();
  await router.push(props.id ? `/recipes/${props.id}` : "/recipes");
}
</script>

<template>
  <PageHead
    :title="id ? 'Edit recipe' : 'New recipe'"
    :lead="
      id
        ? `Based on version ${basedOn}. Saving makes a new version; earlier batches keep theirs.`
        : 'For each line: a role, an amount, and the ingredients that may fill it.'
    "
  >
    <Button :label="id ? 'Cancel' : 'Discard draft'" severity="secondary" @click="discardDraft" />
    <Button
      label="Save"
      data-testid="save-recipe"
      :loading="submission.pending.value"
      @click="save(form.save)"
    />
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <Message v-if="submission.problem.value" severity="error" class="refused">
    <p>{{ submission.sentence.value ?? "Something needs correcting. See the marked field below." }}</p>
    <div v-if="submission.problem.value.code === 'recipe-moved-on'" class="tools">
      <Button label="Compare versions" severity="secondary" @click="router.push(`/recipes/${id}/versions`)" />
      <Button label="Save my version" data-testid="save-over" @click="save(form.saveOnTop)" />
    </div>
  </Message>
  <form v-if="draft" class="form" aria-label="Recipe" @submit.prevent>
    <DishFields
      v-model="draft"
      :sentence-at="submission.sentenceAt"
      :unreadable-makes="unreadable['makes']"
      @unreadable-makes="form.setUnreadable('makes', $event)"
    />
    <section aria-label="Ingredient lines">
      <h2>Ingredient lines</h2>
      <LineEditor
        v-for="(line, i) in draft.lines"
        :id="line.id"
        :key="line.id"
        v-model="draft.lines[i]!"
        :number="i + 1"
        :recipes="(recipes?.recipes ?? []).filter((one) => one.id !== id)"
        :problem="submission.sentenceAt(`formula.lines.${i}`)"
        :unreadable="unreadable[line.id]"
        @unreadable="form.setUnreadable(line.id, $event)"
        @remove="draft.lines.splice(i, 1)"
      />
      <p v-for="(text, i) in draft.unread" :key="text" class="unread small">
        {{ uncountedWords(text) }}
        <Button label="Remove" size="small" severity="secondary" @click="draft.unread.splice(i, 1)" />
      </p>
      <Button
        label="Add line"
        severity="secondary"
        data-testid="add-line"
        @click="draft.lines.push(emptyLine())"
      />
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
      <Button label="Add step" severity="secondary" @click="draft.steps.push(emptyStep())" />
    </section>
    <FieldFrame label="Notes" for="recipe-notes">
      <Textarea id="recipe-notes" v-model="draft.notes" rows="3" auto-resize fluid />
    </FieldFrame>
  </form>
</template>

<style scoped>
.form {
  display: grid;
  gap: 1.1rem;
}

.refused {
  margin-bottom: 1rem;
}

.tools {
  display: flex;
  gap: 0.5rem;
  margin-top: 0.5rem;
}

.unread {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  padding: 0.5rem 0;
  color: var(--soon);
}

section > :deep(.p-button) {
  margin-top: 0.7rem;
}
</style>
