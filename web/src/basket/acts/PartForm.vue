<script setup lang="ts">
import type { Lot, LotDetail } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { computed, toRef } from "vue";
import { useSession } from "../../client/session.ts";
import { useWeightSource } from "../../client/use-weight-source.ts";
import SmallForm from "../../ui/SmallForm.vue";
import WeightField from "../../ui/WeightField.vue";
import PiecesQuestion from "../../catalogue/PiecesQuestion.vue";
import { useLotAct, useSomeOf } from "./use-lot-act.ts";

/** Some of a lot becomes a lot of its own: frozen whole, or a cut remainder on its own clock. */
const props = defineProps<{ lot: LotDetail; into: "frozen" | "cut" }>();
const emit = defineEmits<{ parted: [lots: readonly Lot[]] }>();
const session = useSession();
const weights = useWeightSource();
const { text, settled, hint, bare, unread, refused, clear } = useSomeOf(toRef(props, "lot"), props.into);
const { act, submission } = useLotAct(["grams"]);
const words = computed(() =>
  props.into === "frozen"
    ? {
        label: "Amount to freeze",
        about: "It goes into the freezer whole, as its own lot. Its days stop counting.",
        button: "Freeze",
        done: "frozen whole",
      }
    : {
        label: "Amount cut or opened",
        about: "Cut food spoils sooner: it becomes its own lot and counts from today.",
        button: "Make it a separate lot",
        done: "cut, as a separate lot",
      },
);

async function record(): Promise<void> {
  const grams = await settled();
  if (grams === undefined) return submission.refuse(unread().code, "grams", unread());
  const reply = await act(
    props.into === "frozen" ? "freezeLot" : "openPortion",
    { params: { id: props.lot.id }, body: { grams } },
    ({ parts }) =>
      `${showGrams(parts[0]?.grams ?? 0, session.display)} ${props.lot.name} ${words.value.done}.`,
  );
  if (!reply) return;
  clear();
  emit("parted", reply.parts);
}
</script>

<template>
  <SmallForm
    :label="words.button"
    :submit-label="words.button"
    :problem="submission.sentence.value"
    :pending="submission.pending.value"
    @send="record"
    @changed="submission.forget"
  >
    <p class="soft">{{ words.about }}</p>
    <WeightField
      :id="`part-${into}`"
      v-model="text"
      class="narrow"
      :label="words.label"
      placeholder="all of it"
      :source="weights"
      :problem="submission.sentenceAt('grams') ?? (refused ? hint : undefined)"
      :hint="hint"
    />
    <PiecesQuestion v-if="bare" :bare="bare" @answered="((text = $event), submission.forget())" />
  </SmallForm>
</template>
