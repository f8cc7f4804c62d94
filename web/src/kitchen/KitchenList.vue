<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { useAct } from "../client/use-act.ts";
import { useSignOut } from "./use-sign-out.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";
import { roleWords } from "./people-words.ts";

/** The kitchens one belongs to; going to another begins with a fresh page, so that nothing of this one stays. */
const { data } = useQuery({ key: ["kitchens"], query: () => call("listKitchens", {}) });
const session = useSession();
const isDemo = computed(() => session.session?.kitchen.demo ?? false);
const name = ref("");
const going = useAct();
const opening = useAct(["name"]);
const signOut = useSignOut();
const begin = (): void => window.location.assign("/");

async function go(member: string): Promise<void> {
  if (await going.act("switchKitchen", { body: { member } })) begin();
}
async function open(): Promise<void> {
  if (await opening.act("openKitchen", { body: { name: name.value } })) begin();
}
</script>

<template>
  <section class="card" aria-labelledby="kitchens-head" data-testid="kitchens">
    <h2 id="kitchens-head">Your kitchens</h2>
    <ul>
      <li v-for="one in data?.kitchens ?? []" :key="one.member">
        <div>
          <b>{{ one.name }}</b><span v-if="one.isThis" class="soft"> (you are here)</span>
          <p class="soft small">{{ roleWords[one.role] }}</p>
        </div>
        <Button
          v-if="!one.isThis"
          label="Go there"
          size="small"
          severity="secondary"
          :disabled="going.pending.value"
          :aria-label="`Go to ${one.name}`"
          @click="go(one.member)"
        />
      </li>
    </ul>
    <ProblemNote :text="going.sentence.value" />
    <div v-if="isDemo" class="leave">
      <Button label="Leave the demo" severity="secondary" data-testid="leave-demo" @click="signOut" />
      <p class="soft small">Then set up your own kitchen, or sign in to it. The demo stays as it is.</p>
    </div>
    <FoldOut v-else title="Set up another kitchen" quiet>
      <SmallForm
        label="Another kitchen"
        submit-label="Set up"
        :problem="opening.sentence.value"
        :pending="opening.pending.value"
        :disabled="name.trim() === ''"
        @send="open"
        @changed="opening.forget"
      >
        <FieldFrame
          label="Kitchen name"
          for="another-kitchen"
          hint="It begins empty, with the settings of this one."
          :problem="opening.sentenceAt('name')"
        >
          <TextBox id="another-kitchen" v-model="name" maxlength="80" autocomplete="off" />
        </FieldFrame>
      </SmallForm>
    </FoldOut>
  </section>
</template>

<style scoped>
.leave {
  display: grid;
  gap: 0.5rem;
  justify-items: start;
}

section,
ul {
  display: grid;
  gap: 0.7rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  gap: 0.2rem 1rem;
  align-items: center;
}
</style>
