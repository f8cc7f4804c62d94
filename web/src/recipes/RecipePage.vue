<script setup lang="ts">
import { showGrams, showPercent } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import CautionList from "../ui/CautionList.vue";
import PageHead from "../ui/PageHead.vue";
import { kindWords } from "./kind-words.ts";

const props = defineProps<{ id: string }>();
const router = useRouter();
const session = useSession();
const { data: recipe, error } = useQuery({
  key: () => ["recipe", props.id],
  query: () => call("getRecipe", { params: { id: props.id } }),
});

const fillerWords = (filler: { ingredient: string; maxShare: number }): string => {
  const name = recipe.value?.names[filler.ingredient] ?? filler.ingredient;
  return filler.maxShare < 1 ? `${name} (up to ${showPercent(filler.maxShare)})` : name;
};
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="recipe">
    <PageHead
      :title="recipe.formula.name"
      :lead="`${kindWords[recipe.formula.kind]} · ${recipe.formula.servings} servings · ${recipe.formula.minutes} min · version ${recipe.version}`"
    >
      <Button label="Make this" @click="router.push(`/cook/${id}`)" />
    </PageHead>
    <div class="columns">
      <div class="left">
        <table>
          <thead>
            <tr>
              <th scope="col">Role</th>
              <th scope="col" class="right">A batch</th>
              <th scope="col">Filled by</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="line in recipe.formula.lines" :key="line.id">
              <td class="role">{{ line.role }}</td>
              <td class="right figure">{{ showGrams(line.grams, session.display) }}</td>
              <td>
                {{ line.fillers.map(fillerWords).join(" or ")
                }}<span v-if="line.preparation" class="soft">, {{ line.preparation }}</span>
                <span v-if="line.strongShare < 1" class="small soft">
                  · strong herbs at most {{ showPercent(line.strongShare) }}</span
                >
              </td>
            </tr>
          </tbody>
        </table>
        <ol>
          <li v-for="step in recipe.formula.steps" :key="step">{{ step }}</li>
        </ol>
      </div>
      <div class="card right-side">
        <h2>Keeps</h2>
        <p v-for="k in recipe.keeps" :key="k.place">
          <b class="figure">{{ k.days === 0 ? "today only" : `${k.days} days` }}</b> in the {{ k.place }}
          <span class="soft small">{{ k.reason }} ({{ k.source }})</span>
        </p>
        <h2>Contains</h2>
        <p>{{ recipe.allergens.join(", ") || "no named allergen" }}</p>
        <h2>Mind</h2>
        <CautionList :cautions="recipe.cautions" />
      </div>
    </div>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1.5fr) minmax(17rem, 1fr);
  gap: 1.4rem;
  align-items: start;
}

.left,
.right-side {
  display: grid;
  gap: 0.8rem;
}

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

.right {
  text-align: right;
  white-space: nowrap;
}

.role {
  font-weight: 600;
}

ol {
  display: grid;
  gap: 0.3rem;
  padding-inline-start: 1.2rem;
  list-style: decimal;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
