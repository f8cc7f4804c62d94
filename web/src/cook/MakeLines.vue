<script setup lang="ts">
import type { MakePlan } from "@apron/contract";
import { showGrams, showPercent } from "@apron/core/measure";
import { useSession } from "../app/session.ts";
import TextBox from "../ui/TextBox.vue";
import { ref } from "vue";
import type { PartDraft } from "./use-make-form.ts";
import WeighBack from "./WeighBack.vue";

const props = defineProps<{ plan: MakePlan; sentenceAt: (field: string) => string | undefined }>();
const parts = defineModel<PartDraft[]>({ required: true });
const fromWords = { lot: "from the basket", staple: "off the shelf", buy: "to buy" } as const;

const keyOf = (part: PartDraft): string => `${part.lineId} ${part.ingredient} ${part.lotId ?? ""}`;
const session = useSession();
/** The row whose bottle or jar is being weighed back. */
const pouring = ref("");
const lineOf = (part: PartDraft) => props.plan.lines.find((line) => line.lineId === part.lineId);
const errorWords = (error: number): string =>
  Math.abs(error) < 0.005
    ? ""
    : ` (${error > 0 ? "+" : "−"}${showPercent(Math.abs(error)).replace(" ", "\u00a0")})`;
/** Hold-back, to taste, optional: what else the line says to the hand on the bottle. */
function handWords(part: PartDraft): string {
  const line = lineOf(part);
  if (!line) return "";
  const { gradualAddition } = part;
  const held = (g: number): string => showGrams(g, session.display);
  return [
    gradualAddition
      ? `start with ${held(gradualAddition.startG)}, then by ${held(gradualAddition.stepG)}, at most ${held(gradualAddition.mostG)}`
      : "",
    line.toTaste ? "to taste" : "",
    line.optional ? "optional" : "",
    line.group ? `for: ${line.group}` : "",
  ]
    .filter(Boolean)
    .join(" · ");
}
const problemAt = (part: PartDraft): string | undefined => {
  const sent = parts.value.filter((p) => p.text.trim() !== "" && p.text.trim() !== "0");
  return props.sentenceAt(`used.${sent.indexOf(part)}.grams`);
};
</script>

<template>
  <table class="lines">
    <thead>
      <tr>
        <th scope="col">What</th>
        <th scope="col" class="right">Scale</th>
        <th scope="col">or by spoon</th>
        <th scope="col" class="right">Really used, g</th>
      </tr>
    </thead>
    <tbody>
      <template v-for="(part, i) in parts" :key="keyOf(part)">
        <tr :class="part.from">
          <td>
            <span class="name">{{ part.name }}</span>
            <span class="soft small"> {{ lineOf(part)?.preparation }}</span>
            <span v-if="handWords(part)" class="hand small">{{ handWords(part) }}</span>
            <span class="from small"
              ><span class="whence">{{ part.toTrim ? "trim it first" : fromWords[part.from] }}</span>
              <button
                type="button"
                class="back"
                :aria-expanded="pouring === keyOf(part)"
                :aria-label="`Weigh back the ${part.name}`"
                @click="pouring = pouring === keyOf(part) ? '' : keyOf(part)"
              >
                weigh back
              </button></span
            >
          </td>
          <td class="right figure">
            {{ part.scale.text }}<span class="soft error small">{{ errorWords(part.scale.error) }}</span>
          </td>
          <td class="small">
            <template v-if="part.spoon"
              >{{ part.spoon.text
              }}<span class="soft error">{{ errorWords(part.spoon.error) }}</span></template
            >
            <span v-if="part.whole" class="whole"
              >{{ part.whole.text }}<span class="soft error">{{ errorWords(part.whole.error) }}</span></span
            >
          </td>
          <td class="right">
            <TextBox
              class="figure used"
              autocomplete="off"
              inputmode="decimal"
              :model-value="part.text"
              :aria-label="`${part.name} really used, grams`"
              :invalid="problemAt(part) !== undefined"
              @update:model-value="parts[i]!.text = $event ?? ''"
            />
            <p v-if="problemAt(part)" class="problem small" role="alert">{{ problemAt(part) }}</p>
          </td>
        </tr>
        <tr v-if="pouring === keyOf(part)" class="pouring">
          <td colspan="4">
            <WeighBack :id="`pour-${i}`" :name="part.name" @poured="parts[i]!.text = String($event)" />
          </td>
        </tr>
      </template>
    </tbody>
  </table>
</template>

<style scoped>
.hand,
.whole {
  display: block;
}

.hand {
  color: var(--action);
}

.lines {
  width: 100%;
  border-collapse: collapse;
}

th {
  padding: 0.2rem 0.5rem;
  font-size: 0.85rem;
  text-align: left;
  color: var(--soft-ink);
}

td {
  padding: 0.2rem 0.5rem;
  border-top: 1px solid var(--line);
}

.right {
  text-align: right;
  white-space: nowrap;
}

.name {
  font-weight: 600;
}

.from {
  display: block;
  color: var(--soft-ink);
}

.back {
  min-height: 1.5rem;
  margin-inline-start: 0.5rem;
  padding: 0;
  font: inherit;
  color: var(--soft-ink);
  text-decoration: underline;
  background: none;
  border: 0;
  cursor: pointer;
}

@media (pointer: coarse) {
  .back {
    min-height: 44px;
  }
}

.pouring td {
  border-top: 0;
}

.lot .whence {
  color: var(--action);
}

.buy .whence {
  color: var(--soon);
  font-weight: 600;
}

.error {
  white-space: nowrap;
}

.used {
  width: 5.2rem;
  text-align: right;
}

.problem {
  white-space: normal;
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 560px) {
  th:nth-child(3),
  td:nth-child(3) {
    display: none;
  }

  th,
  td {
    padding-inline: 0.2rem;
  }

  .used {
    width: 4.4rem;
  }
}
</style>
