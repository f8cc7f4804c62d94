<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { refDebounced } from "@vueuse/core";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useRouter } from "vue-router";
import { call } from "../app/api.ts";
import { sentenceOf } from "../app/words.ts";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { allergenWords, dietWords, kindWords, saidDiets, servingsWords, timeWords } from "./kind-words.ts";

const router = useRouter();
const text = ref("");
const searched = refDebounced(text, 150);
const kind = ref("all");
const diet = ref("all");
const without = ref("all");
const onHand = ref(false);
const archived = ref(false);

const choicesOf = (all: string, words: Readonly<Record<string, string>>) => [
  { value: "all", label: all },
  ...Object.entries(words).map(([value, label]) => ({ value, label })),
];
const kinds = choicesOf("Every kind", kindWords);
const eaters = choicesOf("Every diet", dietWords);
const allergens = choicesOf("Any allergen", {
  nuts: "No nuts",
  milk: "No milk",
  mustard: "No mustard",
  celery: "No celery",
  sesame: "No sesame",
  "wheat,gluten-barley,gluten-oats": "No wheat, barley, oats",
  egg: "No egg",
  soy: "No soya",
  fish: "No fish",
  sulphites: "No sulphites",
});

const chosen = (value: string): string | undefined => (value === "all" ? undefined : value);

const {
  data: recipes,
  error,
  status,
} = useQuery({
  key: () => [
    "recipes",
    searched.value,
    kind.value,
    diet.value,
    without.value,
    String(onHand.value),
    String(archived.value),
  ],
  query: () =>
    call("listRecipes", {
      query: {
        text: searched.value,
        kind: chosen(kind.value) as keyof typeof kindWords | undefined,
        diet: chosen(diet.value) as keyof typeof dietWords | undefined,
        without: chosen(without.value) ?? "",
        onHand: onHand.value ? "yes" : "no",
        archived: archived.value ? "yes" : "no",
      },
    }),
  placeholderData: (before) => before,
});
/** So many at once; a search finds the rest. */
const first = computed(() => recipes.value?.recipes ?? []);
const isNarrowed = computed(
  () =>
    Boolean(text.value) ||
    onHand.value ||
    archived.value ||
    [kind, diet, without].some((one) => one.value !== "all"),
);
</script>

<template>
  <PageHead title="Recipes" lead="Formulas: a role, an amount and what may fill it, line by line.">
    <div class="tools">
      <Button label="Bring recipes in" severity="secondary" @click="router.push('/recipes/import')" />
      <Button label="Write one" @click="router.push('/recipes/new')" />
    </div>
  </PageHead>
  <div class="filters" role="search" aria-label="Find recipes">
    <TextBox
      v-model="text"
      class="find"
      placeholder="Title or any ingredient"
      aria-label="Find by title or by any name of any ingredient"
    />
    <SelectBox id="recipe-kind" v-model="kind" name="Kind of dish" :choices="kinds" />
    <SelectBox id="recipe-diet" v-model="diet" name="Diet" :choices="eaters" />
    <SelectBox id="recipe-without" v-model="without" name="Without an allergen" :choices="allergens" />
    <button type="button" class="chip" :aria-pressed="onHand" @click="onHand = !onHand">On hand</button>
    <button type="button" class="chip" :aria-pressed="archived" @click="archived = !archived">Put away</button>
  </div>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ul class="list">
    <li v-for="r in first" :key="r.id" class="card">
      <p class="kind small">{{ kindWords[r.kind] }}</p>
      <h2>
        <RouterLink :to="`/recipes/${r.id}`">{{ r.name }}</RouterLink>
      </h2>
      <p class="soft small">
        {{ servingsWords(r.servings) }} · {{ timeWords(r.minutes)
        }}<template v-if="r.version > 1"> · version {{ r.version }}</template
        ><template v-if="r.onHand > 0"> · {{ r.onHand }} on hand</template>
      </p>
      <p class="small">{{ allergenWords(r.allergens) }}</p>
      <p v-if="r.diets.length > 0" class="soft small">{{ saidDiets(r.diets).join(" · ") }}</p>
      <p v-if="r.unread > 0" class="small open">
        {{ r.unread }} {{ r.unread === 1 ? "line" : "lines" }} still to be answered
      </p>
      <div class="foot">
        <Button
          label="Make"
          size="small"
          severity="secondary"
          :aria-label="`Make ${r.name}`"
          @click="router.push(`/cook/${r.id}`)"
        />
      </div>
    </li>
  </ul>
  <p v-if="(recipes?.total ?? 0) > first.length" class="soft" role="status">
    {{ first.length }} of {{ recipes?.total }} shown: search to narrow them down.
  </p>
  <EmptyState
    v-if="status === 'success' && recipes?.total === 0"
    :text="
      isNarrowed
        ? 'Nothing here fits that. Take one of the conditions away.'
        : 'This kitchen has no recipes yet.'
    "
    v-bind="isNarrowed ? {} : { action: 'Bring recipes in', to: '/recipes/import' }"
  />
  <p class="out small"><a href="/api/recipes.jsonld" download="recipes.jsonld">All recipes as JSON-LD</a></p>
</template>

<style scoped>
.tools,
.filters,
.foot {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  align-items: center;
}

.filters {
  margin-bottom: 1rem;
}

.find {
  flex: 1 1 16rem;
}

.chip {
  min-height: 44px;
  padding: 0 1rem;
  font: inherit;
  color: var(--ink);
  background: var(--card);
  border: 1px solid var(--line);
  border-radius: 99px;
  cursor: pointer;
}

.chip[aria-pressed="true"] {
  font-weight: 600;
  background: var(--action-wash);
  border: 2px solid var(--action);
}

.list {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: 0.8rem;
}

li {
  grid-auto-rows: auto;
  display: grid;
  gap: 0.3rem;
  align-content: start;
}

.kind {
  font-weight: 600;
  color: var(--action);
}

.open {
  font-weight: 600;
  color: var(--soon);
}

.foot {
  align-self: end;
  margin-top: 0.3rem;
}

.out {
  margin-top: 1.2rem;
}

h2 a {
  color: inherit;
  text-decoration: none;
}

h2 a:hover {
  text-decoration: underline;
}
</style>
