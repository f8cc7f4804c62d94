<script setup lang="ts">
import type { Match } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { useRouter } from "vue-router";
import { useSession } from "../client/session.ts";
import { useFirstBand } from "@apron/core/basket";
import BandMark from "../ui/BandMark.vue";
import FigureText from "../ui/FigureText.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import { limitWords, makeLink, servingWords } from "./match-words.ts";

defineProps<{ match: Match; rank: number; share: number }>();
const router = useRouter();
const session = useSession();
</script>

<template>
  <article class="match card" :class="{ first: rank === 1 }">
    <div class="rescue">
      <p class="rank soft small">{{ rank }}</p>
      <FigureText :text="showGrams(match.rescuedG, session.display)" :size="rank === 1 ? 'big' : 'middle'" />
      <p class="soft small">saved from spoiling</p>
      <div class="bar" aria-hidden="true"><span :style="{ inlineSize: `${share * 100}%` }"></span></div>
    </div>
    <div class="body">
      <img v-if="match.photo" :src="match.photo" alt="" class="photo" />
      <h2>{{ match.name }}</h2>
      <p class="soft">{{ servingWords(match) }} · {{ match.minutes }} min</p>
      <ul class="uses">
        <li v-for="use in match.uses" :key="use.ingredient">
          <span class="figure">{{ showGrams(use.grams, session.display) }}</span> {{ use.name }}
          <BandMark :band="useFirstBand(use.daysLeft)" :days-left="use.daysLeft" />
          <span v-if="use.toTrim" class="soft small">to trim</span>
        </li>
      </ul>
      <p v-if="match.missing.length > 0" class="missing">
        To buy:
        {{ match.missing.map((m) => `${showGrams(m.grams, session.display)} ${m.name}`).join(", ") }}
      </p>
      <p v-else class="soft small">Nothing to buy.</p>
      <p class="small">{{ limitWords(match.limit, session.display) }}</p>
      <p v-if="match.allergens.length > 0" class="small">
        <strong>Contains</strong> {{ match.allergens.join(", ") }}
      </p>
      <WorkingsNote :text="match.workings" />
    </div>
    <Button
      label="Make"
      data-testid="make"
      :severity="rank === 1 ? undefined : 'secondary'"
      :aria-label="`Make ${match.name}`"
      @click="router.push(makeLink(match))"
    />
  </article>
</template>

<style scoped>
.match {
  display: grid;
  grid-template-columns: 7.5rem minmax(0, 1fr) auto;
  gap: 1.2rem;
  align-items: start;
}

.first {
  border: 2px solid var(--action);
}

.rescue {
  display: grid;
  gap: 0.1rem;
}

.bar {
  height: 6px;
  margin-top: 0.3rem;
  background: var(--sunk);
  border-radius: 3px;
}

.bar span {
  display: block;
  height: 100%;
  background: var(--action);
  border-radius: 3px;
}

.body {
  display: flow-root;
}

.body > * + * {
  margin-top: 0.3rem;
}

.photo {
  float: right;
  width: 9rem;
  height: 6.5rem;
  margin-inline-start: 1rem;
  object-fit: cover;
  border-radius: var(--p-border-radius-md);
}

.uses {
  display: flex;
  flex-wrap: wrap;
  gap: 0.35rem 1.1rem;
}

.uses .figure {
  white-space: nowrap;
}

.uses li {
  display: inline-flex;
  flex-wrap: wrap;
  gap: 0 0.4rem;
  align-items: center;
}

.missing {
  color: var(--soon);
  font-weight: 600;
  font-size: 0.95rem;
}

@media (max-width: 720px) {
  .match {
    grid-template-columns: 1fr;
  }
}
</style>
