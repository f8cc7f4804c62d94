<script setup lang="ts">
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { ref } from "vue";
import { useSession } from "../client/session.ts";
import { labelled } from "../ui/labelled.ts";
import { useOpenRows } from "../ui/open-rows.ts";
import { showRange, type FigureRow, type FigureSection } from "./figure-rows.ts";
import OwnFigureForm from "./OwnFigureForm.vue";

/** The figures of one kind, each with its source; the kitchen's own in front, the handbook's still to be seen. */
defineProps<{ section: FigureSection; ingredient: string }>();
const session = useSession();
const adding = ref(false);
/** Rows whose form is open. */
const { rows: openRows, isOpen, setOpen } = useOpenRows();
const keyOf = (row: FigureRow): string => `${row.table} ${row.key} ${row.about}`;
const shown = (range: Parameters<typeof showRange>[0]): string => showRange(range, session.display.locale);
</script>

<template>
  <section
    class="card"
    :aria-labelledby="`figures-${section.table}`"
    :data-testid="`figures-${section.table}`"
  >
    <header>
      <h2 :id="`figures-${section.table}`">
        {{ section.title }} <span v-if="section.unit" class="soft unit">{{ section.unit }}</span>
      </h2>
      <Button
        v-if="section.open && !adding"
        label="Add our own"
        size="small"
        variant="text"
        :aria-label="`Add our own figure: ${section.title}`"
        data-testid="add-own-figure"
        @click="adding = true"
      />
    </header>
    <DataTable
      v-if="section.rows.length > 0"
      :expanded-rows="openRows"
      :data-key="keyOf"
      :value="[...section.rows]"
      size="small"
      class="stacks"
    >
      <Column field="label" v-bind="labelled('What')" sortable>
        <template #body="{ data }: { data: FigureRow }">
          {{ data.label }} <span v-if="data.about" class="soft small">{{ data.about }}</span>
        </template>
      </Column>
      <Column field="value" v-bind="labelled('Figure')" sortable class="right">
        <template #body="{ data }: { data: FigureRow }">
          <span class="figure">{{ shown(data) }}</span>
        </template>
      </Column>
      <Column field="source" v-bind="labelled('Source')">
        <template #body="{ data }: { data: FigureRow }">
          <span class="source small">
            <span :class="data.own ? 'mine' : 'soft'">{{ data.source }}</span>
            <span v-if="data.own && data.book" class="soft"
              >handbook: {{ shown(data.book) }}, {{ data.book.source }}</span
            >
          </span>
        </template>
      </Column>
      <Column class="right">
        <template #header><span class="visually-hidden">Actions</span></template>
        <template #body="{ data }: { data: FigureRow }">
          <Button
            v-if="!isOpen(keyOf(data))"
            :label="data.own ? 'Change' : 'Use our own figure'"
            size="small"
            variant="text"
            :aria-label="`Use our own figure for ${data.label}`"
            data-testid="own-figure"
            @click="setOpen(keyOf(data), true)"
          />
        </template>
      </Column>
      <template #expansion="{ data }: { data: FigureRow }">
        <OwnFigureForm
          :ingredient="ingredient"
          :table="data.table"
          :row="data"
          @closed="setOpen(keyOf(data), false)"
        />
      </template>
    </DataTable>
    <p v-else-if="!adding" class="soft small">No figure is known yet.</p>
    <OwnFigureForm v-if="adding" :ingredient="ingredient" :table="section.table" @closed="adding = false" />
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.4rem;
}

header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 1rem;
}

.unit {
  font: 500 0.875rem var(--figures);
}

.source {
  display: grid;
}

.mine {
  font-weight: 600;
  color: var(--action);
}
</style>
