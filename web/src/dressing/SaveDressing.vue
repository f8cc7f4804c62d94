<script setup lang="ts">
import Checkbox from "primevue/checkbox";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { useNotices } from "../client/notices.ts";
import { useAllRecipes } from "../client/queries.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectField from "../ui/SelectField.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import type { DressingLine } from "./use-dressing.ts";

/** A dressing saved as a recipe of its own, and added to a salad where one is chosen. */
const props = defineProps<{ lines: readonly DressingLine[] }>();
const router = useRouter();
const notices = useNotices();
const { draft, clear } = useDraft("dressing-save", () => ({
  ...{ name: "", halved: false, into: "none", poured: "60" },
}));
const submission = useSubmit(["name", "intoRecipe"], { recorded: clear });
const { data: recipes } = useAllRecipes();
const salads = computed(() => [
  { value: "none", label: "no salad" },
  ...(recipes.value?.recipes ?? [])
    .filter((r) => r.kind !== "dressing")
    .map((r) => ({ value: r.id, label: r.name })),
]);
async function save(): Promise<void> {
  const { name, halved, into, poured } = draft.value;
  const salad = recipes.value?.recipes.find((one) => one.id === into);
  const grams = typedGrams(poured);
  if (salad && grams === undefined)
    return submission.refuse("amount-not-understood", "intoRecipe.grams", { text: poured });
  const body = {
    ...{ name, halved },
    parts: props.lines.map((line) => ({ ingredient: line.id, role: line.role, grams: line.scale.grams })),
    intoRecipe: salad && grams !== undefined ? { id: salad.id, basedOn: salad.version, grams } : null,
  };
  const saved = await submission.submit("saveDressing", { body }, name);
  if (!saved) return;
  clear();
  notices.say({ text: `Saved ${saved.name}${salad ? ` and added it to ${salad.name}` : ""}.` });
  await router.push(`/recipes/${salad?.id ?? saved.id}`);
}
</script>

<template>
  <SmallForm
    label="Save as recipe"
    submit-label="Save"
    :pending="submission.pending.value"
    :problem="submission.sentence.value"
    @send="save"
    @changed="submission.forget"
  >
    <div class="fields">
      <FieldFrame label="Name" for="dressing-name" :problem="submission.sentenceAt('name')">
        <TextBox id="dressing-name" v-model="draft.name" placeholder="Sunday dressing" />
      </FieldFrame>
      <SelectField
        id="dressing-into"
        v-model="draft.into"
        label="Add to a salad"
        :choices="salads"
        :problem="submission.sentenceAt('intoRecipe')"
      />
      <FieldFrame v-if="draft.into !== 'none'" label="Grams in the salad" for="dressing-poured">
        <TextBox id="dressing-poured" v-model="draft.poured" class="figure" inputmode="decimal" />
      </FieldFrame>
    </div>
    <label class="half"
      ><Checkbox v-model="draft.halved" binary input-id="dressing-halved" /> use half for roasting, half to
      finish</label
    >
  </SmallForm>
</template>

<style scoped>
.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.8rem;
  align-items: start;
}

.half {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}
</style>
