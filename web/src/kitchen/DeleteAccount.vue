<script setup lang="ts">
import { ref } from "vue";
import { useAct } from "../client/use-act.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";

const password = ref("");
const { act, pending, sentence, sentenceAt, forget } = useAct(["password"]);
async function remove(): Promise<void> {
  if (await act("deleteAccount", { body: { password: password.value } })) window.location.assign("/sign-in");
}
</script>

<template>
  <section class="card" aria-labelledby="delete-account-head" data-testid="delete-account">
    <h2 id="delete-account-head">Delete account</h2>
    <p class="soft small">
      You leave every kitchen and can't sign in again. What you recorded stays in those kitchens, with your
      name.
    </p>
    <FoldOut title="Delete my account" quiet>
      <SmallForm
        label="Delete account"
        submit-label="Delete my account"
        :problem="sentence"
        :pending="pending"
        :disabled="password === ''"
        @send="remove"
        @changed="forget"
      >
        <FieldFrame label="Password" for="delete-password" :problem="sentenceAt('password')">
          <TextBox id="delete-password" v-model="password" type="password" autocomplete="current-password" />
        </FieldFrame>
      </SmallForm>
    </FoldOut>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}
</style>
