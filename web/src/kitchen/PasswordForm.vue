<script setup lang="ts">
import { ref } from "vue";
import { useAct } from "../client/use-act.ts";
import { useNotices } from "../client/notices.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";

const notices = useNotices();
const now = ref("");
const password = ref("");
const { act, pending, sentence, sentenceAt, forget } = useAct(["now", "password"]);

async function change(): Promise<void> {
  const done = await act("changePassword", { body: { now: now.value, password: password.value } });
  if (!done) return;
  now.value = "";
  password.value = "";
  notices.say({ text: "Password changed. Other devices were signed out." });
}
</script>

<template>
  <section class="card" aria-labelledby="password-head">
    <h2 id="password-head">Password</h2>
    <SmallForm
      label="Change password"
      submit-label="Change password"
      :problem="sentence"
      :pending="pending"
      @send="change"
      @changed="forget"
    >
      <FieldFrame label="Current password" for="password-now" :problem="sentenceAt('now')">
        <TextBox id="password-now" v-model="now" type="password" autocomplete="current-password" />
      </FieldFrame>
      <FieldFrame
        label="New password"
        for="password-new"
        hint="At least 8 characters."
        :problem="sentenceAt('password')"
      >
        <TextBox id="password-new" v-model="password" type="password" autocomplete="new-password" />
      </FieldFrame>
    </SmallForm>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}
</style>
