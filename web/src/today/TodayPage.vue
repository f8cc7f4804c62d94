<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed } from "vue";
import { useRouter } from "vue-router";
import { useToday } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import LogLotForm from "../basket/LogLotForm.vue";
import { groupContainers } from "../larder/container-groups.ts";
import AcceptedPlan from "../match/AcceptedPlan.vue";
import { makeLink, servingWords } from "../match/match-words.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import EmptyState from "../ui/EmptyState.vue";
import FigureText from "../ui/FigureText.vue";
import InTurn from "../ui/InTurn.vue";
import PageHead from "../ui/PageHead.vue";

const router = useRouter();
const session = useSession();
const { data: today, error, status } = useToday();
const due = computed(() => groupContainers(today.value?.due ?? []));
const lead = computed(() => {
  const w = today.value?.waiting;
  if (!w) return "";
  return w.basket + w.larder === 0
    ? "Nothing urgent today."
    : `${counted(w.basket, "lot")} to use by tomorrow, ${counted(w.larder, "container")} due in the larder.`;
});
</script>

<template>
  <PageHead title="Today" :lead="lead" />
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <div class="columns">
    <div class="left">
      <section aria-labelledby="first">
        <h2 id="first">Use first</h2>
        <ul v-if="today && today.useFirst.length > 0" class="strip">
          <li v-for="lot in today.useFirst" :key="lot.id" :class="lot.freshness.band">
            <RouterLink :to="lot.state === 'raw' ? `/trim/${lot.id}` : `/basket/${lot.id}`">
              <span class="name">{{ lot.name }}</span>
              <FigureText :text="showGrams(lot.grams, session.display)" />
              <BandMark :band="lot.freshness.band" :days-left="lot.freshness.daysLeft" />
            </RouterLink>
          </li>
        </ul>
        <EmptyState
          v-else-if="status === 'success'"
          title="Start here"
          text="Log what came in from the garden or the market. Today then shows what to use first, what is due in the larder, and the best dish to make."
        >
          <RouterLink to="/recipes">Add recipes</RouterLink>
        </EmptyState>
      </section>

      <AcceptedPlan only-today />

      <section v-if="today?.best" class="best card" aria-labelledby="best">
        <div class="rescue">
          <FigureText :text="showGrams(today.best.rescuedG, session.display)" size="big" />
          <p class="soft small">saved from spoiling</p>
        </div>
        <div>
          <img v-if="today.best.photo" :src="today.best.photo" alt="" class="photo" />
          <p class="soft small">Best use of today's surplus</p>
          <h2 id="best">{{ today.best.name }}</h2>
          <p>
            {{ servingWords(today.best) }} from
            <template v-for="(use, i) in today.best.uses" :key="use.ingredient"
              >{{ i > 0 ? ", " : "" }}{{ showGrams(use.grams, session.display) }} {{ use.name }}</template
            >.
          </p>
          <p v-if="today.best.missing.length > 0" class="missing">
            To buy:
            {{ today.best.missing.map((m) => `${showGrams(m.grams, session.display)} ${m.name}`).join(", ") }}
          </p>
        </div>
        <div class="acts">
          <Button label="Make" data-testid="make-best" @click="router.push(makeLink(today.best))" />
          <RouterLink to="/match"
            >All {{ counted(today.waiting.match, "dish that fits", "dishes that fit") }}</RouterLink
          >
        </div>
      </section>

      <section aria-labelledby="due">
        <h2 id="due">Due in the larder</h2>
        <ul v-if="due.length > 0" class="due">
          <li v-for="g in due" :key="g.key">
            <span class="name">{{ g.next.name }}</span>
            <span class="soft small"
              >{{ g.count }} × {{ g.next.containerName }}, {{ showGrams(g.grams, session.display) }}</span
            >
            <span class="small">use by {{ showDay(g.next.useBy) }}</span>
            <BandMark :band="g.next.band" :days-left="g.next.daysLeft" :cold="g.next.place === 'freezer'" />
          </li>
        </ul>
        <p v-else-if="status === 'success'" class="soft">Nothing due in the next three days.</p>
      </section>
    </div>
    <section class="card weigh" aria-labelledby="weigh">
      <h2 id="weigh">Log an item</h2>
      <InTurn><LogLotForm :usual="today?.usual ?? []" :details-open="false" /></InTurn>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20.5rem;
  gap: 1.5rem;
  align-items: start;
}

.left {
  display: grid;
  gap: 1.3rem;
}

.weigh {
  display: grid;
  gap: 0.8rem;
}

.strip {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 0.6rem;
  margin-top: 0.5rem;
}

.strip a {
  display: grid;
  gap: 0.15rem;
  justify-items: start;
  height: 100%;
  padding: 0.6rem 0.8rem 0.7rem;
  color: inherit;
  text-decoration: none;
  background: var(--card);
  border: 1px solid var(--line);
  border-block-start: 4px solid var(--action);
  border-radius: var(--p-border-radius-md);
}

.strip .soon a {
  border-block-start-color: var(--soon);
}

.strip .now a,
.strip .over a {
  border-block-start-color: var(--now);
}

.name {
  font-weight: 600;
}

.best {
  display: grid;
  grid-template-columns: 8.5rem minmax(0, 1fr) auto;
  gap: 1.2rem;
  align-items: center;
  border-color: var(--action);
}

.rescue {
  padding-inline-end: 1rem;
  border-inline-end: 1px solid var(--line);
}

.photo {
  float: right;
  width: 8rem;
  height: 6rem;
  margin-inline-start: 0.8rem;
  object-fit: cover;
  border-radius: var(--p-border-radius-md);
}

.missing {
  font-size: 0.9rem;
  color: var(--soon);
}

.acts {
  display: grid;
  gap: 0.5rem;
  justify-items: center;
  font-size: 0.9rem;
}

.due {
  margin-top: 0.3rem;
}

.due li {
  display: grid;
  grid-template-columns: minmax(0, 1.3fr) minmax(0, 1.2fr) 8.6rem 9.5rem;
  gap: 0.8rem;
  align-items: center;
  padding: 0.4rem 0;
  border-bottom: 1px solid var(--line);
}

@media (max-width: 1000px) {
  .columns,
  .best {
    grid-template-columns: minmax(0, 1fr);
  }

  .weigh {
    order: -1;
  }

  .rescue {
    border: 0;
  }

  .due li {
    grid-template-columns: 1fr auto;
  }
}

@media (max-width: 560px) {
  .strip {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
