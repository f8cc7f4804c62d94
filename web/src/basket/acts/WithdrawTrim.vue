<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { useNotices } from "../../client/notices.ts";
import { useSession } from "../../client/session.ts";
import { useDraft } from "../../client/use-draft.ts";
import { useSubmit } from "../../client/use-submit.ts";
import FieldFrame from "../../ui/FieldFrame.vue";
import SmallForm from "../../ui/SmallForm.vue";
import TextBox from "../../ui/TextBox.vue";

/** Takes a wrong weighing back: it stays on record, and nothing is learned from it any more. */
const props = defineProps<{ trimId: string }>();
const session = useSession();
const notices = useNotices();
const open = ref(false);
const { draft, clear } = useDraft(`withdraw:${props.trimId}`, () => ({ reason: "" }));
const submission = useSubmit(["reason"]);
async function withdraw(): Promise<void> {
  const done = await submission.submit("withdrawTrim", {
    params: { id: props.trimId },
    body: { reason: draft.value.reason },
  });
  if (!done) return;
  clear();
  open.value = false;
  const { lot, gramsBack } = done;
  notices.say({
    text: gramsBack
      ? `Weighing withdrawn; ${showGrams(lot.grams, session.display)} ${lot.name} is raw again.`
      : "Weighing withdrawn: it no longer counts. Some of it was used since, so the amounts stay.",
  });
}
</script>

<template>
  <Button
    v-if="!open"
    label="Withdraw this weighing"
    data-testid="withdraw-trim"
    size="small"
    variant="text"
    @click="open = true"
  />
  <SmallForm
    v-else
    label="Withdraw a weighing"
    submit-label="Withdraw"
    size="small"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="withdraw"
    @changed="submission.forget"
  >
    <FieldFrame label="Reason" :for="`why-${trimId}`" :problem="submission.sentenceAt('reason')">
      <TextBox
        :id="`why-${trimId}`"
        v-model="draft.reason"
        placeholder="bowl not tared"
        maxlength="200"
        autocomplete="off"
      />
    </FieldFrame>
    <template #buttons>
      <Button label="Cancel" size="small" severity="secondary" @click="open = false" />
    </template>
  </SmallForm>
</template>
