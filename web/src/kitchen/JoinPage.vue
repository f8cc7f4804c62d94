<script setup lang="ts">
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";
import { roleWords } from "./people-words.ts";
import { useJoin } from "./use-join.ts";

/** Where an invitation's link leads: the code stands behind the #, or is typed. */
const session = useSession();
const { typed, seen, looking, joining, look, join } = useJoin(window.location.hash.slice(1));
if (typed.value !== "") void look();

const who = ref<"new" | "known">("new");
const choices = [
  { value: "new", label: "I'm new here" },
  { value: "known", label: "I have an account" },
] as const;
const name = ref("");
const password = ref("");
const isReset = computed(() => seen.value?.kind === "password");
const signedIn = computed(() => (isReset.value ? undefined : session.session?.member.name));
const title = computed(() => {
  if (!seen.value) return "Join a kitchen";
  return isReset.value ? `New password for ${seen.value.whose}` : `Join ${seen.value.kitchen}`;
});
// A fresh page: nothing of another kitchen stays in memory.
const enter = (): void => window.location.assign("/");

async function send(): Promise<void> {
  const as = isReset.value
    ? ({ kind: "new-password", password: password.value } as const)
    : ({ kind: who.value, name: name.value, password: password.value } as const);
  if (await join(as)) enter();
}
async function joinAsSignedIn(): Promise<void> {
  if (await join({ kind: "signed-in" })) enter();
}
/** A wrong password of an account is said of the field it was typed in. */
const passwordProblem = computed(() => {
  const { problem, sentenceAt } = joining;
  return problem.value?.code === "sign-in-wrong" ? sentenceOf(problem.value) : sentenceAt("as.password");
});
</script>

<template>
  <main class="door">
    <section class="card" :aria-label="title">
      <h1>{{ title }}</h1>
      <SmallForm
        v-if="!seen"
        label="Invitation code"
        submit-label="Next"
        :problem="looking.sentence.value"
        :pending="looking.pending.value"
        :disabled="typed.trim() === ''"
        @send="look"
        @changed="looking.forget"
      >
        <FieldFrame
          label="Invitation code"
          for="join-code"
          hint="Ten letters and digits, like K7Q2M-9XPTA."
          :problem="looking.sentenceAt('code')"
        >
          <TextBox id="join-code" v-model="typed" autocomplete="off" autocapitalize="characters" />
        </FieldFrame>
      </SmallForm>
      <template v-else>
        <p v-if="!isReset" class="soft">You will join as: {{ roleWords[seen.role].toLowerCase() }}.</p>
        <template v-if="signedIn">
          <Button
            :label="`Join as ${signedIn}`"
            size="large"
            :loading="joining.pending.value"
            data-testid="join-signed-in"
            @click="joinAsSignedIn"
          />
          <ProblemNote :text="joining.sentence.value ?? joining.sentenceAt('code')" />
        </template>
        <template v-else>
          <ChoiceButtons v-if="!isReset" v-model="who" label="Who are you?" :choices="choices" />
          <SmallForm
            label="Join"
            :submit-label="isReset ? 'Save password' : 'Join'"
            :problem="joining.sentence.value ?? joining.sentenceAt('code')"
            :pending="joining.pending.value"
            @send="send"
            @changed="joining.forget"
          >
            <FieldFrame v-if="!isReset" label="Name" for="join-name" :problem="joining.sentenceAt('as.name')">
              <TextBox id="join-name" v-model="name" autocomplete="username" />
            </FieldFrame>
            <FieldFrame
              :label="who === 'new' || isReset ? 'New password' : 'Password'"
              for="join-password"
              :problem="passwordProblem"
              :hint="who === 'new' || isReset ? 'At least 8 characters.' : undefined"
            >
              <TextBox
                id="join-password"
                v-model="password"
                type="password"
                :autocomplete="who === 'new' || isReset ? 'new-password' : 'current-password'"
              />
            </FieldFrame>
          </SmallForm>
        </template>
      </template>
    </section>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  min-height: 100vh;
  place-items: center;
  background: var(--p-aubergine-800);
}

.card {
  display: grid;
  gap: 1rem;
  width: min(26rem, 92%);
  padding: 1.6rem;
}
</style>
