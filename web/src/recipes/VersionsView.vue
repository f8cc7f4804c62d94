<script setup lang="ts">
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import Tag from "primevue/tag";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useRecipe } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import { showDay, showDayOf } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import CompareVersions from "./CompareVersions.vue";

/** The versions of a recipe, the batches made of them, and which version is the default. */
const props = defineProps<{ id: string }>();
const session = useSession();
const notices = useNotices();
const submission = useSubmit();
const { data: recipe } = useRecipe(() => props.id);
const { data: history, error } = useQuery({
  key: () => ["recipe-versions", props.id],
  query: () => call("listVersions", { params: { id: props.id } }),
});
const params = () => ({ id: props.id });

async function setDefault(version: number): Promise<void> {
  const before = history.value?.defaultVersion ?? version;
  const done = await submission.submit("setDefaultVersion", { params: params(), body: { version } });
  if (!done) return;
  notices.say({
    text: `Version ${version} is now the default.`,
    undo: { name: "setDefaultVersion", request: { params: params(), body: { version: before } } },
  });
}
async function setArchived(archived: boolean): Promise<void> {
  const done = await submission.submit("archiveRecipe", { params: params(), body: { archived } });
  if (!done) return;
  notices.say({
    text: archived ? `Archived ${done.name}. Its batches stay.` : `Restored ${done.name}.`,
    undo: { name: "archiveRecipe", request: { params: params(), body: { archived: !archived } } },
  });
}
async function saveAsMade(batchId: string): Promise<void> {
  const body = { batchId, basedOn: recipe.value?.version ?? 1 };
  const done = await submission.submit("defaultFromBatch", { params: params(), body });
  if (done)
    notices.say({ text: `Version ${done.version} has the amounts really used and is now the default.` });
}
</script>

<template>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ProblemNote :text="submission.sentence.value" />
  <div v-if="history" class="columns">
    <section aria-label="Versions">
      <ul>
        <li v-for="one in history.versions" :key="one.version">
          <p>
            <b>Version {{ one.version }}</b>
            <Tag v-if="one.version === history.defaultVersion" value="default" severity="success" />
            <span class="soft small">
              {{ showDayOf(one.at) }}<template v-if="one.by">, {{ one.by }}</template
              ><template v-if="one.note">: {{ one.note }}</template></span
            >
          </p>
          <Button
            v-if="one.version !== history.defaultVersion"
            label="Make default"
            size="small"
            severity="secondary"
            :aria-label="`Make version ${one.version} the default`"
            :data-testid="`make-default-${one.version}`"
            @click="setDefault(one.version)"
          />
        </li>
      </ul>
      <Button
        v-if="recipe"
        :label="recipe.archived ? 'Restore recipe' : 'Archive recipe'"
        severity="secondary"
        size="small"
        class="archive"
        data-testid="archive-recipe"
        @click="setArchived(!recipe.archived)"
      />
      <h2>Batches</h2>
      <p v-if="history.batches.length === 0" class="soft">No batches made yet.</p>
      <ul>
        <li v-for="batch in history.batches" :key="batch.id">
          <p>
            <RouterLink :to="`/batch/${batch.id}`">{{ showDay(batch.madeOn) }}</RouterLink>:
            {{ counted(batch.batches, "batch", "batches") }} of version {{ batch.version }},
            {{ showGrams(batch.outputG, session.display) }}
          </p>
          <Button
            label="Save amounts used as default"
            size="small"
            severity="secondary"
            :aria-label="`Save the amounts used on ${showDay(batch.madeOn)} as the default version`"
            data-testid="save-used"
            @click="saveAsMade(batch.id)"
          />
        </li>
      </ul>
    </section>
    <CompareVersions
      :id="id"
      :versions="history.versions.map((one) => one.version)"
      :current="history.defaultVersion"
    />
  </div>
</template>

<style scoped>
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 1.4rem;
  align-items: start;
}

section {
  display: grid;
  gap: 0.6rem;
}

li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.8rem;
  align-items: center;
  justify-content: space-between;
  padding: 0.5rem 0;
  border-bottom: 1px solid var(--line);
}

.archive {
  justify-self: start;
}

@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
