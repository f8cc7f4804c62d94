<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import Column from "primevue/column";
import DataTable from "primevue/datatable";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { labelled } from "../ui/labelled.ts";
import { useOpenRows } from "../ui/open-rows.ts";
import SubstitutionList from "./SubstitutionList.vue";
import { filledBy, lineMarks } from "./line-words.ts";

/** The lines of a formula in their groups; a line opens to what can replace it. */
const props = defineProps<{ recipe: Recipe }>();
type Line = Recipe["formula"]["lines"][number];
const session = useSession();
const { rows: openRows, isOpen, toggle } = useOpenRows();
/** A copy: the table sorts what it is given. */
const lines = computed(() => [...props.recipe.formula.lines]);
const hasGroups = computed(() => lines.value.some((line) => line.group !== ""));
const grouping = computed(() =>
  hasGroups.value ? { rowGroupMode: "subheader" as const, groupRowsBy: "group" } : {},
);
</script>

<template>
  <DataTable
    :expanded-rows="openRows"
    :value="lines"
    data-key="id"
    size="small"
    class="stacks"
    v-bind="grouping"
  >
    <template #groupheader="{ data }: { data: Line }">
      <b class="group">{{ data.group || "Main" }}</b>
    </template>
    <Column field="role" v-bind="labelled('Role')">
      <template #body="{ data }: { data: Line }">
        <b class="name">{{ data.role }}</b>
      </template>
    </Column>
    <Column field="grams" v-bind="labelled('Per batch')" class="right">
      <template #body="{ data }: { data: Line }">
        <span class="figure">{{ showGrams(data.grams, session.display) }}</span>
      </template>
    </Column>
    <Column v-bind="labelled('Ingredient')">
      <template #body="{ data }: { data: Line }">
        <p>
          <RouterLink v-if="data.recipe" :to="`/recipes/${data.recipe}`">{{
            filledBy(data, recipe)
          }}</RouterLink><template v-else>{{ filledBy(data, recipe) }}</template
          ><span v-if="data.preparation" class="soft">, {{ data.preparation }}</span>
        </p>
        <p v-if="lineMarks(data, session.display).length > 0" class="small soft">
          {{ lineMarks(data, session.display).join(" · ") }}
        </p>
      </template>
    </Column>
    <Column class="right">
      <template #header><span class="visually-hidden">Actions</span></template>
      <template #body="{ data }: { data: Line }">
        <Button
          v-if="data.recipe === null"
          label="Substitutes"
          size="small"
          variant="text"
          :aria-expanded="isOpen(data.id)"
          :aria-label="`Substitutes for ${filledBy(data, recipe)}`"
          data-testid="substitutes"
          @click="toggle(data.id)"
        />
      </template>
    </Column>
    <template #expansion="{ data }: { data: Line }">
      <SubstitutionList :recipe="recipe.formula.id" :line="data.id" />
    </template>
  </DataTable>
</template>

<style scoped>
.group {
  font-family: var(--display);
}
</style>
