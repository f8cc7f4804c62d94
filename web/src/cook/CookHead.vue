<script setup lang="ts">
import { computed } from "vue";
import DishTag from "../plan/DishTag.vue";
import { showClock } from "../ui/dates.ts";
import { lateWords } from "./cook-words.ts";

/** What is being cooked, and when it is on the table as things stand. */
const props = defineProps<{
  dishes: readonly { readonly key: string; readonly letter: string; readonly name: string }[];
  tableAt: number;
  wanted: number;
}>();
const late = computed(() => lateWords(props.tableAt, props.wanted));
const clock = (at: number): string => showClock(new Date(at));
</script>

<template>
  <header class="head">
    <div>
      <h1>Cook along</h1>
      <ul class="dishes">
        <li v-for="dish in dishes" :key="dish.key"><DishTag :letter="dish.letter" /> {{ dish.name }}</li>
      </ul>
    </div>
    <div class="table" :class="{ late: late !== '' }">
      <p class="small">On the table at</p>
      <p class="figure" data-testid="table-at">{{ clock(tableAt) }}</p>
      <p v-if="late" class="small" data-testid="late">
        <b>{{ late }}</b>, planned for {{ clock(wanted) }}
      </p>
      <p v-else class="small">on time</p>
    </div>
  </header>
</template>

<style scoped>
.head {
  display: flex;
  gap: 0.6rem 2rem;
  align-items: start;
  justify-content: space-between;
  margin-bottom: 1rem;
}

.dishes {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  margin-top: 0.4rem;
}

.dishes li {
  display: flex;
  gap: 0.4rem;
  align-items: center;
}

.table {
  flex: none;
  padding: 0.3rem 0.9rem;
  border-inline-start: 4px solid var(--action);
}

.table.late {
  border-inline-start-color: var(--now);
}

.table.late b {
  color: var(--now);
}

.table .figure {
  font-size: 2.2rem;
  line-height: 1.1;
}

/* On a phone each card names its dish; the button must be there without scrolling. */
@media (max-width: 620px) {
  .head {
    margin-bottom: 0.4rem;
  }

  .dishes {
    display: none;
  }

  .table .figure {
    font-size: 1.6rem;
  }
}
</style>
