<script setup lang="ts">
import type { Recipe } from "@apron/contract";
import { showGrams, trimmedDecimals } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref, watch } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { sentenceOf } from "../app/words.ts";
import { showDay } from "../ui/dates.ts";
import SelectBox from "../ui/SelectBox.vue";

const props = defineProps<{ id: string; recipe: Recipe }>();
const session = useSession();
const notices = useNotices();
const submission = useSubmit<{ version: number; name: string }>();
const { data: history, error } = useQuery({
  key: () => ["recipe-versions", props.id],
  query: () => call("listVersions", { params: { id: props.id } }),
});
const choices = computed(() =>
  (history.value?.versions ?? []).map((one) => ({
    value: String(one.version),
    label: `Version ${one.version}`,
  })),
);
const from = ref("1");
const to = ref("1");
watch(
  history,
  (now) => {
    if (!now) return;
    to.value = String(now.house);
    const earlier = now.versions.find((one) => one.version < now.house);
    from.value = String(earlier?.version ?? now.house);
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
const said = { added: "New:", removed: "Gone:", changed: "" } as const;

async function house(version: number): Promise<void> {
  const done = await submission.submit((key) =>
    call("setDefaultVersion", { params: { id: props.id }, body: { version } }, key),
  );
  if (done) notices.say({ text: `Version ${version} is the house version again.` });
}
async function archiveRecipe(archived: boolean): Promise<void> {
  const send = (to: boolean, key?: string) =>
    call("archiveRecipe", { params: { id: props.id }, body: { archived: to } }, key);
  const done = await submission.submit((key) => send(archived, key));
  if (!done) return;
  notices.say({
    text: archived ? `${done.name} is put away; its batches stay.` : `${done.name} is back in the library.`,
    undo: () => send(!archived),
  });
}
async function asMade(batchId: string): Promise<void> {
  const body = { batchId, basedOn: props.recipe.version };
  const done = await submission.submit((key) =>
    call("defaultFromBatch", { params: { id: props.id }, body }, key),
  );
  if (done) notices.say({ text: `Version ${done.version} is what was really used; the house cooks by it.` });
}
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <p v-if="submission.sentence.value" class="wrong" role="alert">{{ submission.sentence.value }}</p>
  <div v-if="history" class="columns">
    <section aria-label="Versions">
      <ul>
        <li v-for="one in history.versions" :key="one.version" class="row">
          <p>
            <b>Version {{ one.version }}</b>
            <span v-if="one.version === history.house" class="house">house version</span>
            <span class="soft small">
              {{ showDay(one.at.slice(0, 10)) }}<template v-if="one.by">, {{ one.by }}</template
              ><template v-if="one.note">: {{ one.note }}</template></span
            >
          </p>
          <Button
            v-if="one.version !== history.house"
            label="Cook by this one"
            size="small"
            severity="secondary"
            :aria-label="`Make version ${one.version} the house version`"
            @click="house(one.version)"
          />
        </li>
      </ul>
      <Button
        :label="recipe.archived ? 'Fetch it back into the library' : 'Put this recipe away'"
        severity="secondary"
        size="small"
        class="away"
        @click="archiveRecipe(!recipe.archived)"
      />
      <h2>Batches</h2>
      <p v-if="history.batches.length === 0" class="soft">None was made of it yet.</p>
      <ul>
        <li v-for="batch in history.batches" :key="batch.id" class="row">
          <p>
            {{ showDay(batch.madeOn) }}: <span class="figure">{{ trimmedDecimals(batch.batches, 2) }}</span> ×
            version {{ batch.version }}, {{ showGrams(batch.outputG, session.display) }}
          </p>
          <Button
            label="Cook as it was made"
            size="small"
            severity="secondary"
            :aria-label="`Make what was used on ${showDay(batch.madeOn)} the house version`"
            @click="asMade(batch.id)"
          />
        </li>
      </ul>
    </section>
    <section class="card" aria-label="Compare two versions">
      <h2>What changed</h2>
      <div class="pair">
        <SelectBox id="compare-from" v-model="from" name="From version" :choices="choices" />
        <span>to</span>
        <SelectBox id="compare-to" v-model="to" name="To version" :choices="choices" />
      </div>
      <p v-if="from === to" class="soft">
        {{ choices.length < 2 ? "There is one version so far." : "Choose two." }}
      </p>
      <ul v-else-if="changes" class="changes">
        <li v-for="head in changes.head" :key="head.field">
          <b>{{ head.field }}</b>: {{ head.before }} → {{ head.after }}
        </li>
        <li v-for="line in changes.lines" :key="line.lineId">
          {{ said[line.kind] }} <s v-if="line.before">{{ line.before }}</s>
          <template v-if="line.before && line.after"> → </template>
          <b v-if="line.after">{{ line.after }}</b>
        </li>
        <li v-for="text in changes.steps.removed" :key="`-${text}`">
          <s>{{ text }}</s>
        </li>
        <li v-for="text in changes.steps.added" :key="`+${text}`">
          <b>{{ text }}</b>
        </li>
        <li
          v-if="
            changes.head.length +
              changes.lines.length +
              changes.steps.added.length +
              changes.steps.removed.length ===
            0
          "
        >
          Nothing.
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

section,
.changes {
  display: grid;
  gap: 0.6rem;
}

.row,
.pair {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
}

.row {
  justify-content: space-between;
  padding: 0.5rem 0;
  border-bottom: 1px solid var(--line);
}

.away {
  justify-self: start;
}

.house {
  padding: 0.1rem 0.5rem;
  font-size: 0.8rem;
  font-weight: 600;
  background: var(--action-wash);
  border-radius: 99px;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
