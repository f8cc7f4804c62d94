<script setup lang="ts">
import type { DressingRole } from "@apron/core/dressing";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useAllRecipes } from "../app/queries.ts";
import { useSubmit } from "../app/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";

/** A dressing as it stands, kept as a recipe; poured into a salad it becomes a part of that one. */
const props = defineProps<{
  lines: readonly {
    readonly id: string;
    readonly role: DressingRole;
    readonly scale: { readonly grams: number };
  }[];
}>();
const router = useRouter();
const notices = useNotices();
const submission = useSubmit<{ id: string; name: string }>(["name", "intoRecipe"]);
const name = ref("");
const halved = ref(false);
const into = ref("none");
const pouredG = ref("60");
const { data: recipes } = useAllRecipes();
const salads = computed(() => [
  { value: "none", label: "no salad yet" },
  ...(recipes.value?.recipes ?? [])
    .filter((r) => r.kind !== "dressing")
    .map((r) => ({ value: r.id, label: r.name })),
]);
async function keep(): Promise<void> {
  const salad = recipes.value?.recipes.find((one) => one.id === into.value);
  const grams = typedGrams(pouredG.value);
  if (salad && grams === undefined)
    return submission.refuse("amount-not-understood", "intoRecipe.grams", { text: pouredG.value });
  const body = {
    name: name.value,
    halved: halved.value,
    parts: props.lines.map((line) => ({ ingredient: line.id, role: line.role, grams: line.scale.grams })),
    intoRecipe: salad && grams !== undefined ? { id: salad.id, basedOn: salad.version, grams } : null,
  };
  const saved = await submission.submit((key) => call("saveDressing", { body }, key));
  if (!saved) return;
  notices.say({ text: `${saved.name} is a recipe now${salad ? `, and a part of ${salad.name}` : ""}.` });
  await router.push(`/recipes/${salad?.id ?? saved.id}`);
}
</script>

<template>
  <form class="keep" aria-label="Keep as a recipe" @submit.prevent="keep" @input="submission.forget">
    <FieldFrame label="Name" for="dressing-name" :problem="submission.sentenceAt('name')">
      <TextBox id="dressing-name" v-model="name" placeholder="Sunday dressing" />
    </FieldFrame>
    <FieldFrame label="Pour into" for="dressing-into" :problem="submission.sentenceAt('intoRecipe')">
      <SelectBox id="dressing-into" v-model="into" name="A salad to pour it into" :choices="salads" />
    </FieldFrame>
    <FieldFrame v-if="into !== 'none'" label="grams of it" for="dressing-poured">
      <TextBox id="dressing-poured" v-model="pouredG" class="figure" inputmode="decimal" />
    </FieldFrame>
    <label class="half"
      ><Checkbox v-model="halved" binary input-id="dressing-halved" /> half to roast in, half to finish</label
    >
    <p v-if="submission.sentence.value" class="wrong" role="alert">{{ submission.sentence.value }}</p>
    <Button type="submit" label="Keep it" :loading="submission.pending.value" />
  </form>
</template>

<style scoped>
.keep {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(13rem, 1fr));
  gap: 0.8rem;
  align-items: end;
}

.half {
  display: flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 44px;
}

.wrong {
  grid-column: 1 / -1;
  font-weight: 600;
  color: var(--now);
}
</style>
