<script setup lang="ts">
import type { ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import TextBox from "../ui/TextBox.vue";

/** Takes a wrong weighing back: it stays in the books, and nothing is learned from it any more. */
const props = defineProps<{ trimId: string }>();
const session = useSession();
const notices = useNotices();
const open = ref(false);
const reason = ref("");
const submission = useSubmit<ReplyOf<"withdrawTrim">>(["reason"]);
const send = (key: string) =>
  call("withdrawTrim", { params: { id: props.trimId }, body: { reason: reason.value } }, key);
async function withdraw(): Promise<void> {
  const done = await submission.submit(send);
  if (!done) return;
  open.value = false;
  const { lot, gramsBack } = done;
  notices.say({
    text: gramsBack
      ? `The weighing is withdrawn; ${showGrams(lot.grams, session.display)} ${lot.name} is raw again.`
      : "The weighing is withdrawn and no longer learned from. What it gave was used since, so the grams stay.",
  });
}
</script>

<template>
  <button v-if="!open" type="button" class="ask" @click="open = true">Withdraw this weighing</button>
  <form v-else novalidate aria-label="Withdraw a weighing" @submit.prevent="withdraw">
    <FieldFrame label="What was wrong" :for="`why-${trimId}`" :problem="submission.sentenceAt('reason')">
      <TextBox
        :id="`why-${trimId}`"
        v-model="reason"
        placeholder="bowl not tared"
        maxlength="200"
        autocomplete="off"
      />
    </FieldFrame>
    <div class="buttons">
      <Button type="submit" label="Withdraw it" size="small" :loading="submission.pending.value" />
      <Button label="Keep it" size="small" severity="secondary" @click="open = false" />
    </div>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 0.4rem;
}

.buttons {
  display: flex;
  gap: 0.4rem;
}

.ask {
  justify-self: start;
  min-height: 36px;
  padding: 0;
  font: inherit;
  font-size: 0.875rem;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (pointer: coarse) {
  .ask {
    min-height: 44px;
  }
}
</style>
