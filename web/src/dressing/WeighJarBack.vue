<script setup lang="ts">
import { pouredOut } from "@apron/core/basket";
import { showGrams } from "@apron/core/measure";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useDraft } from "../client/use-draft.ts";
import { useSubmit } from "../client/use-submit.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { counted } from "../ui/plural.ts";
import SmallForm from "../ui/SmallForm.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";

/** The jar weighed before and after dressing a salad: the next estimate rests on it. */
const props = defineProps<{ group: string; saladG: number | undefined }>();
const session = useSession();
const notices = useNotices();
const weights = useWeightSource();
const { draft, clear } = useDraft("dressing-jar", () => ({ before: "", after: "" }));
const submission = useSubmit(["usedG", "saladG"], { recorded: clear });

async function save(): Promise<void> {
  const { before, after } = draft.value;
  const [full, rest] = [typedGrams(before), typedGrams(after)];
  if (props.saladG === undefined) return submission.refuse("amount-not-understood", "saladG", { text: "" });
  if (full === undefined || rest === undefined)
    return submission.refuse("amount-not-understood", "usedG", { text: full === undefined ? before : after });
  const used = pouredOut(full, rest);
  if (!used.ok) return submission.refuse(used.issue.code, "usedG", { ...used.issue });
  const body = { group: props.group, saladG: props.saladG, usedG: used.value };
  const done = await submission.submit("weighJarBack", { body }, "dressing jar");
  if (!done) return;
  clear();
  notices.say({
    text: `Used ${showGrams(body.usedG, session.display)}. The estimate now rests on ${counted(done.ownWeighings, "own weighing")}.`,
  });
}
</script>

<template>
  <SmallForm
    label="Weigh the jar"
    submit-label="Save weighing"
    :pending="submission.pending.value"
    :problem="submission.sentence.value ?? submission.sentenceAt('saladG')"
    @send="save"
    @changed="submission.forget"
  >
    <div class="weights">
      <WeightField
        id="jar-before"
        v-model="draft.before"
        label="Jar before"
        :source="weights"
        placeholder="grams"
      />
      <WeightField
        id="jar-after"
        v-model="draft.after"
        label="Jar after"
        :source="weights"
        placeholder="grams"
        :problem="submission.sentenceAt('usedG')"
      />
    </div>
  </SmallForm>
</template>

<style scoped>
.weights {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9rem, 11rem));
  gap: 0.8rem;
  align-items: start;
}
</style>
