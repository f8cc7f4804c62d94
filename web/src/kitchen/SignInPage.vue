<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, defineAsyncComponent, ref } from "vue";
import { useRoute, useRouter } from "vue-router";
import { call } from "../client/api.ts";
import { sentenceOf } from "../client/words.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import SignInForm from "./SignInForm.vue";

/** Most open the program to sign in: the larger form to set up a kitchen loads when it is wanted. */
const SetUpForm = defineAsyncComponent(() => import("./SetUpForm.vue"));

const route = useRoute();
const router = useRouter();
const { data: start, error } = useQuery({ key: ["start"], query: () => call("startPage", {}) });
/** Undefined until somebody chose: a program without a kitchen of its own begins with setting one up. */
const chosen = ref<boolean>();
const settingUp = computed(() => chosen.value ?? false);

function enter(): void {
  const wanted = String(route.query["to"] ?? "/");
  // Only ever back into this application.
  void router.replace(wanted.startsWith("/") && !wanted.startsWith("//") ? wanted : "/");
}
</script>

<template>
  <main class="door" :class="{ wide: settingUp }">
    <section class="greeting">
      <h1>Apron Plate</h1>
      <p class="lead">
        Know what came in, use it before it spoils, and store the rest with a date you can trust.
      </p>
      <ol>
        <li><span class="figure">1,240 g</span> chard, weighed in</li>
        <li><span class="figure">× 0.64</span> after trimming</li>
        <li><span class="figure">4 jars</span> of pesto, dated and labelled</li>
      </ol>
    </section>
    <section class="card" :aria-label="settingUp ? 'Set up a kitchen' : 'Sign in'">
      <ProblemNote :text="error ? sentenceOf(error) : undefined" />
      <template v-if="settingUp">
        <SetUpForm @opened="enter" />
        <Button label="Cancel" severity="secondary" variant="text" @click="chosen = false" />
      </template>
      <template v-else>
        <div v-if="start?.needsSetUp" class="own">
          <Button label="Set up your own kitchen" size="large" data-testid="set-up" @click="chosen = true" />
          <p class="soft small">It takes a minute, and everything can be changed later.</p>
        </div>
        <SignInForm :demo-cook="start?.demoCook ?? null" @opened="enter" />
        <p class="small"><RouterLink to="/join">I have an invitation code</RouterLink></p>
      </template>
    </section>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  grid-template-columns: 1.1fr 1fr;
  min-height: 100vh;
}

.door.wide {
  grid-template-columns: minmax(16rem, 0.5fr) 1fr;
}

.greeting {
  display: grid;
  align-content: center;
  gap: 1rem;
  padding: 3rem 4rem;
  color: var(--p-linen-100);
  background: var(--p-aubergine-800);
}

.wide .greeting {
  padding: 2rem;
}

.greeting h1 {
  font-size: 3.6rem;
}

.wide .greeting h1 {
  font-size: 2.4rem;
}

.lead {
  max-width: 26rem;
  font: 400 1.35rem/1.35 var(--display);
}

ol {
  display: grid;
  gap: 0.3rem;
  margin-top: 1.5rem;
  font-size: 1.05rem;
  color: var(--p-aubergine-100);
}

ol .figure {
  display: inline-block;
  min-width: 5.2rem;
  color: var(--p-linen-50);
}

.card {
  display: grid;
  gap: 1.2rem;
  align-self: center;
  justify-self: center;
  width: min(26rem, 92%);
  margin-block: 1rem;
  padding: 1.6rem;
}

.wide .card {
  width: min(52rem, 94%);
}

.own {
  display: grid;
  gap: 0.5rem;
  padding-bottom: 1.2rem;
  border-bottom: 1px solid var(--line);
}

@media (max-width: 820px) {
  .door,
  .door.wide {
    grid-template-columns: 1fr;
    grid-template-rows: auto 1fr;
  }

  .greeting,
  .wide .greeting {
    padding: 2rem 1.2rem;
  }

  .greeting h1,
  .wide .greeting h1 {
    font-size: 2.4rem;
  }

  .wide .lead,
  ol {
    display: none;
  }
}
</style>
