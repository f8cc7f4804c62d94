<script setup lang="ts">
import type { PlanTask } from "@apron/contract";
import { taskWords } from "@apron/core/plan";
import Button from "primevue/button";
import { computed } from "vue";
import CounterLines from "./CounterLines.vue";
import DishTag from "../plan/DishTag.vue";
import { stepAbout } from "../plan/plan-words.ts";
import { useSession } from "../client/session.ts";
import { showClock } from "../ui/dates.ts";
import { doneWords } from "./cook-words.ts";
import type { CookedDish } from "./use-dish-now.ts";

/** What the hands do now, large enough to be read from two metres away. */
const props = defineProps<{
  task: PlanTask;
  at: number;
  letter: string;
  who?: string | undefined;
  isFirst: boolean;
  isDue: boolean;
  dish?: CookedDish | undefined;
}>();
const emit = defineEmits<{ done: []; skipped: [] }>();
const session = useSession();
const about = computed(() => stepAbout(props.task, session.display));
const when = computed(() =>
  props.isDue ? `since ${showClock(new Date(props.at))}` : `at ${showClock(new Date(props.at))}`,
);
</script>

<template>
  <article class="now" :class="{ first: isFirst }" data-testid="now-card">
    <header>
      <DishTag :letter="letter" />
      <b>{{ task.dishName }}</b>
      <span class="small soft"
        >{{ when }} · {{ Math.round(task.minutes.high) }} min<template v-if="who">
          · {{ who }}</template
        ></span
      >
    </header>
    <p class="what">{{ taskWords(task) }}</p>
    <CounterLines v-if="dish && task.lineIds?.length" :dish="dish" :line-ids="task.lineIds" />
    <p v-if="about" class="about" data-testid="step-about">{{ about }}</p>
    <div class="acts">
      <Button
        :label="doneWords(task)"
        size="large"
        data-testid="step-done"
        class="big"
        @click="emit('done')"
      />
      <Button label="Skip" severity="secondary" data-testid="step-skip" @click="emit('skipped')" />
    </div>
  </article>
</template>

<style scoped>
.now {
  display: grid;
  gap: 0.7rem;
  padding: 1rem 1.2rem;
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: var(--radius);
}

.first {
  border: 2px solid var(--action);
}

header {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 0.7rem;
  align-items: center;
}

.what {
  font-size: 1.25rem;
  line-height: 1.25;
}

.first .what {
  font-family: var(--display);
  font-size: clamp(1.6rem, 3.6vw, 2.5rem);
}

.about {
  color: var(--soft-ink);
}

.first .about {
  font-size: 1.1rem;
}

.acts {
  display: flex;
  gap: 0.6rem;
}

.first .big {
  flex: 1;
  min-height: 72px;
  font-size: 1.4rem;
}
</style>
