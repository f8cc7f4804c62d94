<script setup lang="ts">
import type { LeftOfLot } from "@apron/core/match";
import { showGrams, toMilligram } from "@apron/core/measure";
import Button from "primevue/button";
import { useNotices } from "../client/notices.ts";
import { useRefresh } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import BandMark from "../ui/BandMark.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { useFirstBand } from "@apron/core/basket";

/** What a plan leaves to spoil, with the cheapest things that would still save it. */
defineProps<{ left: readonly LeftOfLot[]; nameOf: (ingredient: string) => string }>();
const session = useSession();
const notices = useNotices();
const refresh = useRefresh();
const submission = useSubmit();

async function save(one: LeftOfLot, way: LeftOfLot["ways"][number], name: string): Promise<void> {
  const words = `${showGrams(one.lotG, session.display)} ${name}`;
  const params = { id: one.lotId };
  const grams = toMilligram(one.lotG);
  if (way === "freeze") {
    const frozen = await submission.submit("freezeLot", { params, body: { grams } }, `Freeze ${words}`);
    if (frozen) notices.say({ text: `${words} frozen.` });
  } else {
    const body = { grams, fate: "given" as const, reason: "" };
    const given = await submission.submit("removeFromLot", { params, body }, `Give away ${words}`);
    if (given)
      notices.say({
        text: `${words} given away.`,
        undo: { name: "undoEntry", request: { params: { id: given.entryId } } },
      });
  }
  await refresh();
}
</script>

<template>
  <section v-if="left.length > 0" aria-labelledby="plan-left" data-testid="plan-left">
    <h3 id="plan-left">Left over and spoiling</h3>
    <ProblemNote :text="submission.sentence.value" />
    <ul>
      <li v-for="one in left" :key="one.lotId">
        <RouterLink :to="`/basket/${one.lotId}`">
          <span class="figure">{{ showGrams(one.grams, session.display) }}</span> {{ nameOf(one.ingredient) }}
        </RouterLink>
        <BandMark :band="useFirstBand(one.lastDay)" :days-left="one.lastDay" />
        <Button
          v-for="way in one.ways"
          :key="way"
          :label="way === 'freeze' ? 'Freeze' : 'Give away'"
          size="small"
          severity="secondary"
          :aria-label="`${way === 'freeze' ? 'Freeze' : 'Give away'} ${nameOf(one.ingredient)}`"
          :data-testid="`left-${way}`"
          @click="save(one, way, nameOf(one.ingredient))"
        />
        <span v-if="one.ways.length === 0" class="soft small"
          >No room to freeze it, nobody to give it to.</span
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
section,
ul {
  display: grid;
  gap: 0.4rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.7rem;
  align-items: center;
}
</style>
