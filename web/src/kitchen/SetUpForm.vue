<script setup lang="ts">
import { SetUp } from "@apron/contract";
import { Form, type FormSubmitEvent } from "@primevue/forms";
import Button from "primevue/button";
import InputNumber from "primevue/inputnumber";
import { computed, nextTick, useTemplateRef } from "vue";
import { fieldSentence, resolverFor } from "../client/form-resolver.ts";
import { sentenceOf } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import { scaleChoices } from "./choices.ts";
import EaterList from "./EaterList.vue";
import { useSetUp } from "./use-set-up.ts";
import WritingFields from "./WritingFields.vue";

/** Everything a kitchen needs to begin, on one page; all of it can be changed later. */
const emit = defineEmits<{ opened: [] }>();
const { draft, password, pending, problem, sentenceAt, setUp } = useSetUp(() => {
  emit("opened");
});
const resolver = resolverFor(SetUp.pick({ kitchen: true, name: true, password: true }));
const initial = { kitchen: draft.value.kitchen, name: draft.value.name, password: "" };
const atFields = ["kitchen", "name", "password", "locale", "currency", "timeZone", "cup"];
const sentence = computed(() =>
  problem.value && !atFields.some((field) => sentenceAt(field)) ? sentenceOf(problem.value) : undefined,
);
/** The page is long: what was wrong is brought into sight. */
async function showProblem(): Promise<void> {
  await nextTick();
  form.value?.querySelector('[role="alert"]')?.scrollIntoView({ block: "center" });
}
async function send({ valid }: FormSubmitEvent): Promise<void> {
  if (valid) await setUp();
  if (!valid || problem.value) await showProblem();
}
/** The form part passes on what its own types leave out. */
const formAttributes = { novalidate: true };
const form = useTemplateRef<HTMLElement>("form");
</script>

<template>
  <div ref="form">
    <Form
      v-slot="$form"
      class="set-up"
      v-bind="{ ...formAttributes }"
      :resolver="resolver"
      :initial-values="initial"
      @submit="send"
    >
      <h2>Set up your kitchen</h2>
      <fieldset>
        <legend>You and your kitchen</legend>
        <div class="pair">
          <FieldFrame
            label="Kitchen name"
            for="kitchen"
            :problem="fieldSentence($form['kitchen']) ?? sentenceAt('kitchen')"
          >
            <TextBox id="kitchen" v-model="draft.kitchen" name="kitchen" autocomplete="off" />
          </FieldFrame>
          <FieldFrame
            label="Your name"
            for="name"
            :problem="fieldSentence($form['name']) ?? sentenceAt('name')"
          >
            <TextBox id="name" v-model="draft.name" name="name" autocomplete="username" />
          </FieldFrame>
          <FieldFrame
            label="Password"
            for="password"
            :problem="fieldSentence($form['password']) ?? sentenceAt('password')"
            hint="8 characters or more."
          >
            <TextBox
              id="password"
              v-model="password"
              name="password"
              type="password"
              autocomplete="new-password"
            />
          </FieldFrame>
        </div>
      </fieldset>
      <fieldset>
        <legend>Who eats here</legend>
        <EaterList v-model="draft.eaters" />
      </fieldset>
      <fieldset>
        <legend>Units, names and dates</legend>
        <WritingFields
          :writing="draft"
          :sentence-at="sentenceAt"
          @changed="draft = { ...draft, ...$event }"
        />
      </fieldset>
      <fieldset>
        <legend>Freezer and scale</legend>
        <div class="pair">
          <FieldFrame label="Freezer room, in portions" for="freezer-room">
            <InputNumber
              v-model="draft.freezerPortions"
              input-id="freezer-room"
              :min="0"
              :max="5000"
              show-buttons
              fluid
            />
          </FieldFrame>
          <div>
            <p class="label">Scale</p>
            <ChoiceButtons v-model="draft.scale" label="Scale" :choices="scaleChoices" />
          </div>
        </div>
      </fieldset>
      <ProblemNote :text="sentence" />
      <Button
        type="submit"
        label="Create kitchen"
        data-testid="create-kitchen"
        size="large"
        :loading="pending"
      />
    </Form>
  </div>
</template>

<style scoped>
.set-up {
  display: grid;
  gap: 1.2rem;
}

fieldset {
  display: grid;
  gap: 0.7rem;
  margin: 0;
  padding: 0;
  border: 0;
}

legend {
  padding: 0 0 0.3rem;
  font: 600 1.05rem var(--display);
}

.pair {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
  gap: 0.8rem;
  align-items: start;
}

.label {
  margin-bottom: 0.25rem;
  font-size: 0.875rem;
  font-weight: 600;
}
</style>
