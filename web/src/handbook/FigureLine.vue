<script setup lang="ts">
import { ref } from "vue";
import { useSession } from "../app/session.ts";
import { showRange, type FigureRow } from "./figure-rows.ts";
import OwnFigureForm from "./OwnFigureForm.vue";

/** One figure with its source; the kitchen's own stands in front, the handbook's stays to be seen. */
const props = defineProps<{ row: FigureRow; ingredient: string }>();
const session = useSession();
const open = ref(false);
const shown = (): string => showRange(props.row, session.display.locale);
</script>

<template>
  <li :class="{ own: row.own }">
    <p class="label">
      {{ row.label }} <span v-if="row.about" class="soft small">{{ row.about }}</span>
    </p>
    <p class="figure value">{{ shown() }}</p>
    <p class="source small">
      <span :class="row.own ? 'mine' : 'soft'">{{ row.source }}</span>
      <span v-if="row.own && row.book" class="soft book">
        handbook: {{ showRange(row.book, session.display.locale) }}, {{ row.book.source }}
      </span>
    </p>
    <button
      v-if="!open"
      type="button"
      :aria-label="`Set our own figure for ${row.label}`"
      @click="open = true"
    >
      {{ row.own ? "Change" : "Set ours" }}
    </button>
    <OwnFigureForm
      v-else
      class="form"
      :ingredient="ingredient"
      :table="row.table"
      :row="row"
      @done="open = false"
    />
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1.1fr) 9.5rem minmax(0, 1.3fr) 5.5rem;
  gap: 0.1rem 0.8rem;
  align-items: baseline;
  padding: 0.3rem 0;
  border-bottom: 1px solid var(--line);
}

.value {
  text-align: right;
}

.source {
  display: grid;
}

.mine {
  font-weight: 600;
  color: var(--action);
}

.form {
  grid-column: 1 / -1;
}

button {
  justify-self: end;
  min-height: 32px;
  padding: 0;
  font: inherit;
  font-size: 0.875rem;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

@media (pointer: coarse) {
  button {
    min-height: 44px;
  }
}

@media (max-width: 720px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
