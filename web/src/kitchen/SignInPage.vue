<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { useRoute, useRouter } from "vue-router";
import { call } from "../app/api.ts";
import SetUpForm from "./SetUpForm.vue";
import SignInForm from "./SignInForm.vue";

const route = useRoute();
const router = useRouter();
const { data: start } = useQuery({ key: ["start"], query: () => call("startPage", {}) });

function enter(): void {
  const wanted = String(route.query["to"] ?? "/");
  // Only ever back into this application.
  void router.replace(wanted.startsWith("/") && !wanted.startsWith("//") ? wanted : "/");
}
</script>

<template>
  <main class="door">
    <section class="greeting">
      <h1>Apron Plate</h1>
      <p class="lead">What came in, trimmed, matched and put by before it spoils.</p>
      <ol>
        <li><span class="figure">1,240 g</span> chard, off the scale</li>
        <li><span class="figure">× 0.64</span> as this kitchen trims it</li>
        <li><span class="figure">4 jars</span> of pesto, dated and labelled</li>
      </ol>
    </section>
    <section class="card" aria-label="Sign in">
      <SetUpForm v-if="start?.needsSetUp" @opened="enter" />
      <SignInForm v-else :demo-cook="start?.demoCook ?? null" @opened="enter" />
    </section>
  </main>
</template>

<style scoped>
.door {
  display: grid;
  grid-template-columns: 1.1fr 1fr;
  min-height: 100vh;
}

.greeting {
  display: grid;
  align-content: center;
  gap: 1rem;
  padding: 3rem 4rem;
  color: var(--p-linen-100);
  background: var(--p-aubergine-800);
}

.greeting h1 {
  font-size: 3.6rem;
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
  align-self: center;
  justify-self: center;
  width: min(26rem, 92%);
  padding: 1.6rem;
}

@media (max-width: 820px) {
  .door {
    grid-template-columns: 1fr;
    grid-template-rows: auto 1fr;
  }

  .greeting {
    padding: 2rem 1.2rem;
  }

  .greeting h1 {
    font-size: 2.4rem;
  }

  ol {
    display: none;
  }
}
</style>
