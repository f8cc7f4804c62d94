<script setup lang="ts">
import { nameOf, searchNames } from "@apron/core/catalogue";
import { refDebounced, useStorage } from "@vueuse/core";
import { computed, ref } from "vue";
import { useIngredients } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { counted } from "../ui/plural.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import AddIngredientForm from "./AddIngredientForm.vue";

const session = useSession();
const { data: ingredients } = useIngredients();
const text = ref("");
const searched = refDebounced(text, 120);
const category = useStorage("apron:handbook-category", "all");
const categories = computed(() => {
  const names = new Set((ingredients.value ?? []).map((one) => one.category));
  const sorted = [...names].sort((a, b) => a.localeCompare(b));
  return [
    { value: "all", label: "Every kind" },
    ...sorted.map((value) => ({ value, label: value.replaceAll("-", " ") })),
  ];
});
const found = computed(() => {
  const all = ingredients.value ?? [];
  const named = searched.value.trim() === "" ? all : searchNames(searched.value, all, []);
  const kept = category.value === "all" ? named : named.filter((one) => one.category === category.value);
  const shown = kept.map((one) => ({ ...one, shown: nameOf(one, session.dialect) }));
  return searched.value.trim() === "" ? shown.sort((a, b) => a.shown.localeCompare(b.shown)) : shown;
});
const otherNames = (one: (typeof found.value)[number]): string =>
  [...new Set([one.us, one.uk, ...one.other])]
    .filter((name) => name !== one.shown)
    .slice(0, 3)
    .join(", ");
</script>

<template>
  <PageHead title="Handbook" lead="Every figure used here, with its source. Your own figures come first." />
  <div class="columns">
    <section aria-label="Ingredients">
      <div class="filters">
        <TextBox
          v-model="text"
          placeholder="Find by any name"
          aria-label="Find an ingredient by any name"
          data-testid="find-ingredient"
        />
        <SelectBox id="handbook-kind" v-model="category" :choices="categories" name="Kind" />
        <p class="soft" role="status">{{ counted(found.length, "ingredient") }}</p>
      </div>
      <ul>
        <li v-for="one in found" :key="one.id">
          <RouterLink :to="`/handbook/${one.id}`" class="name">{{ one.shown }}</RouterLink>
          <span class="soft small other">{{ otherNames(one) }}</span>
          <span v-if="one.raw === 'no'" class="raw small">never raw</span>
        </li>
      </ul>
      <EmptyState
        v-if="ingredients && found.length === 0"
        text="No ingredient has this name. Add it on the right."
      />
    </section>
    <AddIngredientForm :suggested="searched" />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 19rem;
  gap: 1.4rem;
  align-items: start;
}

.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
  margin-bottom: 0.7rem;
}

ul {
  columns: 2;
  column-gap: 1.6rem;
}

li {
  break-inside: avoid;
  display: flex;
  flex-wrap: wrap;
  gap: 0 0.6rem;
  align-items: baseline;
  padding: 0.3rem 0.2rem;
  border-bottom: 1px solid var(--line);
}

.name {
  display: inline-block;
  font-weight: 600;
  color: inherit;
  text-decoration-color: var(--line);
}

.raw {
  font-weight: 600;
  color: var(--now);
}

@media (pointer: coarse) {
  li {
    min-height: 44px;
  }
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media (max-width: 620px) {
  ul {
    columns: 1;
  }
}
</style>
