<script setup lang="ts">
import { nameOf, provenance } from "@apron/core/catalogue";
import { useQuery } from "@pinia/colada";
import { computed } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import PageHead from "../ui/PageHead.vue";
import { sectionsOf } from "./figure-rows.ts";
import CookTimeTable from "./CookTimeTable.vue";
import FigureTable from "./FigureTable.vue";

const props = defineProps<{ id: string }>();
const session = useSession();
const { data: detail, error } = useQuery({
  key: () => ["ingredient", props.id],
  query: () => call("getIngredient", { params: { id: props.id } }),
});
const sections = computed(() => (detail.value ? sectionsOf(detail.value) : []));
const names = computed(() => {
  const one = detail.value;
  if (!one) return "";
  const shown = nameOf(one, session.dialect);
  const others = [...new Set([one.us, one.uk, ...one.other])].filter((name) => name !== shown);
  return [others.length > 0 ? `also ${others.join(", ")}` : "", one.category.replaceAll("-", " ")]
    .filter(Boolean)
    .join(" · ");
});
const rawWords = { yes: "May be eaten raw.", care: "Raw with care.", no: "Never raw." } as const;
const facts = computed(() => {
  const one = detail.value;
  if (!one) return [];
  return [
    { term: "Raw", text: [rawWords[one.raw], one.rawNote].filter(Boolean).join(" ") },
    {
      term: "Allergens",
      text: one.allergens.length > 0 ? one.allergens.join(", ") : "none of the named ones",
    },
    { term: "Diet", text: one.diet.length > 0 ? one.diet.join(", ") : "neither vegan nor vegetarian" },
    {
      term: "Keep cold when",
      text: one.tcsWhen.length > 0 ? one.tcsWhen.join(", ").replaceAll("-", " ") : "not needed",
    },
    ...(one.notes ? [{ term: "Note", text: one.notes }] : []),
    { term: "Entry", text: provenance(one) },
  ];
});
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <template v-if="detail">
    <PageHead :title="nameOf(detail, session.dialect)" :lead="names">
      <RouterLink to="/handbook">All ingredients</RouterLink>
    </PageHead>
    <div class="columns">
      <section class="card about" aria-label="About it">
        <p v-for="c in detail.cautions" :key="c.text" class="caution">
          {{ c.text }} <span class="small">{{ c.source }}. Follow your local authority's guidance.</span>
        </p>
        <dl>
          <template v-for="fact in facts" :key="fact.term">
            <dt>{{ fact.term }}</dt>
            <dd>{{ fact.text }}</dd>
          </template>
        </dl>
      </section>
      <div class="tables">
        <CookTimeTable :ingredient="detail.id" />
        <FigureTable v-for="s in sections" :key="s.table" :section="s" :ingredient="detail.id" />
      </div>
    </div>
  </template>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: 17rem minmax(0, 1fr);
  gap: 1.2rem;
  align-items: start;
}

.about,
.tables {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.9rem;
}

.caution {
  padding: 0.5rem 0.7rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

dl {
  display: grid;
  gap: 0.15rem;
}

dt {
  font-size: 0.875rem;
  font-weight: 600;
  color: var(--soft-ink);
}

dd {
  margin-bottom: 0.45rem;
}

@media (max-width: 1000px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
