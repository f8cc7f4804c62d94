<script setup lang="ts">
import Button from "primevue/button";
import { ref } from "vue";
import { ApiProblem, send } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";

defineProps<{ demoCook: string | null }>();
const emit = defineEmits<{ opened: [] }>();
const session = useSession();
const name = ref("");
const password = ref("");
const pending = ref<"" | "name" | "demo">("");
const problem = ref<ApiProblem>();
const sentenceAt = (field: string): string | undefined =>
  problem.value?.field === field ? sentenceOf(problem.value) : undefined;

async function open(as: "name" | "demo"): Promise<void> {
  if (pending.value) return;
  pending.value = as;
  problem.value = undefined;
  try {
    const body = { name: name.value, password: password.value };
    session.opened(await (as === "demo" ? send("signInDemo", {}) : send("signIn", { body })));
    emit("opened");
  } catch (error) {
    if (!(error instanceof ApiProblem)) throw error;
    problem.value = error;
  } finally {
    pending.value = "";
  }
}
</script>

<template>
  <div class="sign-in">
    <div v-if="demoCook" class="demo">
      <Button
        :label="`Sign in as ${demoCook}`"
        size="large"
        :loading="pending === 'demo'"
        data-testid="sign-in-demo"
        @click="open('demo')"
      />
      <p class="soft small">
        Look around in an invented allotment kitchen. You can change anything; nothing in it is real.
      </p>
    </div>
    <form novalidate @submit.prevent="open('name')">
      <h2>Sign in</h2>
      <FieldFrame label="Name" for="name" :problem="sentenceAt('name')">
        <TextBox id="name" v-model="name" autocomplete="username" />
      </FieldFrame>
      <FieldFrame label="Password" for="password" :problem="sentenceAt('password')">
        <TextBox id="password" v-model="password" type="password" autocomplete="current-password" />
      </FieldFrame>
      <ProblemNote
        :text="problem && !sentenceAt('name') && !sentenceAt('password') ? sentenceOf(problem) : undefined"
      />
      <Button
        type="submit"
        label="Sign in"
        severity="secondary"
        :loading="pending === 'name'"
        data-testid="sign-in"
      />
    </form>
  </div>
</template>

<style scoped>
.sign-in,
form,
.demo {
  display: grid;
  gap: 0.9rem;
}

.demo {
  padding-bottom: 1.2rem;
  border-bottom: 1px solid var(--line);
}
</style>
