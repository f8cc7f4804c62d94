<script setup lang="ts">
import { useQuery } from "@pinia/colada";
import { computed, ref, watch } from "vue";
import { call } from "../client/api.ts";
import SelectBox from "../ui/SelectBox.vue";

/** What changed between two versions of a recipe: head, lines and steps. */
const props = defineProps<{ id: string; versions: readonly number[]; current: number }>();
const choices = computed(() =>
  props.versions.map((one) => ({ value: String(one), label: `Version ${one}` })),
);
const from = ref("");
const to = ref("");
watch(
  () => props.current,
  (now) => {
    to.value = String(now);
    from.value = String(props.versions.find((one) => one < now) ?? now);
  },
  { immediate: true },
);
const { data: changes } = useQuery({
  key: () => ["recipe-changes", props.id, from.value, to.value],
  query: () =>
    call("compareVersions", {
      params: { id: props.id },
      query: { from: Number(from.value), to: Number(to.value) },
    }),
  enabled: () => from.value !== to.value,
});
const isSame = computed(() => {
  const now = changes.value;
  return now && now.head.length + now.lines.length + now.steps.added.length + now.steps.removed.length === 0;
});
const kindOfChange = { added: "Added:", removed: "Removed:", changed: "Changed:" } as const;
</script>

<template>
  <section class="card" aria-label="Compare versions" data-testid="compare-versions">
    <h2>Compare versions</h2>
    <div class="pair">
      <SelectBox id="compare-from" v-model="from" name="From version" :choices="choices" />
      <span>to</span>
      <SelectBox id="compare-to" v-model="to" name="To version" :choices="choices" />
    </div>
    <p v-if="from === to" class="soft">
      {{ choices.length < 2 ? "There is only one version." : "Choose two different versions." }}
    </p>
    <p v-else-if="isSame">No differences.</p>
    <ul v-else-if="changes">
      <li v-for="head in changes.head" :key="head.field">
        <b class="name">{{ head.field }}</b>: {{ head.before }} → {{ head.after }}
      </li>
      <li v-for="line in changes.lines" :key="line.lineId">
        {{ kindOfChange[line.kind] }} <s v-if="line.before">{{ line.before }}</s>
        <template v-if="line.before && line.after"> → </template>
        <b v-if="line.after">{{ line.after }}</b>
      </li>
      <li v-for="text in changes.steps.removed" :key="`-${text}`">
        Removed: <s>{{ text }}</s>
      </li>
      <li v-for="text in changes.steps.added" :key="`+${text}`">
        Added: <b>{{ text }}</b>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.card,
ul {
  display: grid;
  gap: 0.6rem;
}

.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}
</style>
