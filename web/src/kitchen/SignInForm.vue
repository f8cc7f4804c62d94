<script setup lang="ts">
import Button from "primevue/button";
import TextBox from "../ui/TextBox.vue";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";

defineProps<{ demoCook: string | null }>();
const emit = defineEmits<{ opened: [] }>();
const session = useSession();
const name = ref("");
const password = ref("");
const { pending, submit, sentenceAt, sentence } = useSubmit<void>(["name", "password"]);

const signIn = (): Promise<void> =>
  submit(async () => {
    session.opened(await call("signIn", { body: { name: name.value, password: password.value } }));
    emit("opened");
  });
const signInDemo = (): Promise<void> =>
  submit(async () => {
    session.opened(await call("signInDemo", {}));
    emit("opened");
  });
</script>

<template>
  <div class="sign-in">
    <div v-if="demoCook" class="demo">
      <Button :label="`Sign in as ${demoCook}`" size="large" :loading="pending" @click="signInDemo" />
      <p class="soft small">The demo cook of an invented allotment kitchen. Change anything you like.</p>
    </div>
    <form novalidate @submit.prevent="signIn">
      <h2>{{ demoCook ? "Or with a name" : "Sign in" }}</h2>
      <FieldFrame label="Name" for="name" :problem="sentenceAt('name')">
        <TextBox id="name" v-model="name" autocomplete="username" />
      </FieldFrame>
      <FieldFrame label="Password" for="password" :problem="sentenceAt('password')">
        <TextBox id="password" v-model="password" type="password" autocomplete="current-password" />
      </FieldFrame>
      <p v-if="sentence" class="wrong" role="alert">{{ sentence }}</p>
      <Button type="submit" label="Sign in" severity="secondary" :loading="pending" />
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

.wrong {
  color: var(--now);
  font-weight: 600;
}
</style>
