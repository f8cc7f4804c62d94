<script setup lang="ts">
import type { LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed } from "vue";
import { call } from "../../app/api.ts";
import { useNotices } from "../../app/notices.ts";
import { useSession } from "../../app/session.ts";
import { useSubmit } from "../../app/use-submit.ts";
import { showInstant } from "../../ui/dates.ts";

const props = defineProps<{ lot: LotDetail }>();
const session = useSession();
const notices = useNotices();
const kinds: Readonly<Record<string, string>> = {
  received: "came in",
  "from-trim": "from the trim bench",
  "by-product": "came off in trimming",
  returned: "opened, put back",
  "split-from": "was part of another lot",
  trimmed: "trimmed",
  used: "used",
  composted: "composted",
  spoiled: "spoiled",
  given: "given away",
  frozen: "frozen whole",
  "split-off": "split off",
  corrected: "corrected",
};
const signed = (grams: number): string =>
  `${grams > 0 ? "+" : "−"}${showGrams(Math.abs(grams), session.display)}`;
const newestFirst = computed(() => props.lot.entries.toReversed());
const submission = useSubmit<unknown>();
async function undo(id: string): Promise<void> {
  const done = await submission.submit((key) => call("undoEntry", { params: { id } }, key));
  if (done) notices.say({ text: "Put back as it was; the ledger says so." });
}
</script>

<template>
  <section class="card" aria-labelledby="lot-ledger">
    <h2 id="lot-ledger">Its ledger</h2>
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <table>
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">What</th>
          <th scope="col" class="who">Who</th>
          <th scope="col" class="right">Amount</th>
          <th scope="col"><span class="visually-hidden">Way back</span></th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="e in newestFirst" :key="e.id">
          <td class="when">{{ showInstant(e.at) }}</td>
          <td>
            {{ kinds[e.kind] ?? e.kind }}<span v-if="e.reason" class="soft small"> · {{ e.reason }}</span>
          </td>
          <td class="who">{{ e.by }}</td>
          <td class="right figure">{{ signed(e.effectG) }}</td>
          <td class="back">
            <button
              v-if="e.canUndo"
              type="button"
              :aria-label="`Undo: ${kinds[e.kind] ?? e.kind} ${signed(e.effectG)}`"
              @click="undo(e.id)"
            >
              Undo
            </button>
          </td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
section {
  position: relative;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.6rem;
  overflow-x: auto;
}

table {
  width: 100%;
  border-collapse: collapse;
  font-size: 0.95rem;
}

th,
td {
  padding: 0.35rem 0.5rem;
  text-align: left;
  border-bottom: 1px solid var(--line);
}

.when,
.right {
  white-space: nowrap;
}

.right {
  text-align: right;
}

.back {
  width: 4rem;
  text-align: right;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

button {
  min-height: 36px;
  padding: 0 0.5rem;
  font: inherit;
  font-size: 0.875rem;
  font-weight: 600;
  color: var(--action);
  background: none;
  border: 0;
  cursor: pointer;
}

@media (max-width: 620px) {
  .who {
    display: none;
  }

  .when {
    white-space: normal;
  }
}

@media (pointer: coarse) {
  button {
    min-height: 44px;
  }
}
</style>
