<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed, ref } from "vue";
import { useSession } from "../app/session.ts";
import SubstitutionList from "./SubstitutionList.vue";
import { filledBy, lineMarks } from "./line-words.ts";

/** The lines of a formula in their groups. */
const props = defineProps<{ recipe: Recipe }>();
const session = useSession();
/** The line whose stand-ins are shown. */
const asked = ref("");
const groups = computed(() => {
  const found = new Map<string, Recipe["formula"]["lines"][number][]>();
  for (const line of props.recipe.formula.lines)
    found.set(line.group, [...(found.get(line.group) ?? []), line]);
  return [...found];
});
</script>

<template>
  <table>
    <thead>
      <tr>
        <th scope="col">Role</th>
        <th scope="col" class="right">A batch</th>
        <th scope="col">Filled by</th>
      </tr>
    </thead>
    <tbody v-for="[group, lines] in groups" :key="group">
      <tr v-if="group">
        <th scope="rowgroup" colspan="3" class="group">{{ group }}</th>
      </tr>
      <tr v-for="line in lines" :key="line.id">
        <td class="role">{{ line.role }}</td>
        <td class="right figure">{{ showGrams(line.grams, session.display) }}</td>
        <td>
          <RouterLink v-if="line.recipe" :to="`/recipes/${line.recipe}`">{{
            filledBy(line, recipe)
          }}</RouterLink><template v-else>{{ filledBy(line, recipe) }}</template
          ><span v-if="line.preparation" class="soft">, {{ line.preparation }}</span>
          <button
            v-if="line.recipe === null"
            type="button"
            class="instead small"
            :aria-expanded="asked === line.id"
            :aria-label="`What instead of ${filledBy(line, recipe)}`"
            @click="asked = asked === line.id ? '' : line.id"
          >
            instead?
          </button>
          <span v-if="lineMarks(line, session.display).length > 0" class="small soft marks">{{
            lineMarks(line, session.display).join(" · ")
          }}</span>
          <SubstitutionList v-if="asked === line.id" :recipe="recipe.formula.id" :line="line.id" />
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}

th,
td {
  padding: 0.4rem 0.5rem;
  text-align: left;
  vertical-align: top;
  border-bottom: 1px solid var(--line);
}

.group {
  padding-top: 0.9rem;
  font-family: var(--display);
}

.right {
  text-align: right;
  white-space: nowrap;
}

.role {
  font-weight: 600;
}

.instead {
  padding: 0.2rem 0.3rem;
  font: inherit;
  font-size: 0.85rem;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

.marks {
  display: block;
}
</style>
