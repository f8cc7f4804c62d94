<script setup lang="ts">
import Button from "primevue/button";
import TextBox from "../ui/TextBox.vue";
import { ref } from "vue";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import FieldFrame from "../ui/FieldFrame.vue";

const emit = defineEmits<{ opened: [] }>();
const session = useSession();
const kitchen = ref("");
const name = ref("");
const password = ref("");
const { pending, submit, sentenceAt, sentence } = useSubmit<void>(["kitchen", "name", "password"]);

const setUp = (): Promise<void> =>
  submit(async () => {
    const body = { kitchen: kitchen.value, name: name.value, password: password.value };
    session.opened(await call("setUp", { body }));
    emit("opened");
  });
</script>

<template>
  <form novalidate @submit.prevent="setUp">
    <h2>Set up this kitchen</h2>
    <FieldFrame label="Name of the kitchen" for="kitchen" :problem="sentenceAt('kitchen')">
      <TextBox id="kitchen" v-model="kitchen" autocomplete="off" />
    </FieldFrame>
    <FieldFrame label="Your name" for="name" :problem="sentenceAt('name')">
      <TextBox id="name" v-model="name" autocomplete="username" />
    </FieldFrame>
    <FieldFrame
      label="Password"
      for="password"
      :problem="sentenceAt('password')"
      hint="Eight characters or more."
    >
      <TextBox id="password" v-model="password" type="password" autocomplete="new-password" />
    </FieldFrame>
    <p v-if="sentence" class="wrong" role="alert">{{ sentence }}</p>
    <Button type="submit" label="Open the kitchen" :loading="pending" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: 0.9rem;
}

.wrong {
  color: var(--now);
  font-weight: 600;
}
</style>
