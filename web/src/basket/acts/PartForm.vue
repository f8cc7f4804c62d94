<script setup lang="ts">
import type { Lot, LotDetail, ReplyOf } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, toRef } from "vue";
import { call } from "../../app/api.ts";
import { useSession } from "../../app/session.ts";
import { useWeightSource } from "../../app/use-weight-source.ts";
import WeightField from "../../ui/WeightField.vue";
import { useLotAct, useSomeOf } from "./use-lot-act.ts";

/** Some of a lot becomes a lot of its own: frozen whole, or a cut remainder on its own clock. */
const props = defineProps<{ lot: LotDetail; into: "frozen" | "cut" }>();
const emit = defineEmits<{ parted: [lots: readonly Lot[]] }>();
const session = useSession();
const weights = useWeightSource();
const { text, grams, hint, refused } = useSomeOf(toRef(props, "lot"));
const { act, submission } = useLotAct<ReplyOf<"freezeLot">>(["grams"]);
const words = computed(() =>
  props.into === "frozen"
    ? {
        label: "How much to freeze",
        about: "It goes into the freezer whole, as a lot of its own; its days stop where they stand.",
        button: "Freeze it",
        done: "frozen whole",
      }
    : {
        label: "How much is cut or opened",
        about: "A cut face spoils sooner: it becomes a lot of its own and counts from today.",
        button: "Put it on its own clock",
        done: "cut, on its own clock",
      },
);

const send = (key: string) =>
  call(
    props.into === "frozen" ? "freezeLot" : "openPortion",
    { params: { id: props.lot.id }, body: { grams: grams.value ?? null } },
    key,
  );
async function record(): Promise<void> {
  if (grams.value === undefined) {
    submission.refuse("amount-not-understood", "grams", { text: text.value });
    return;
  }
  const reply = await act(send, ({ parts }) => {
    const part = parts[0];
    return `${showGrams(part?.grams ?? 0, session.display)} ${props.lot.name} ${words.value.done}.`;
  });
  if (!reply) return;
  text.value = "";
  emit("parted", reply.parts);
}
</script>

<template>
  <form novalidate :aria-label="words.button" @submit.prevent="record" @input="submission.forget">
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
    <p v-if="submission.sentence.value" role="alert" class="wrong">{{ submission.sentence.value }}</p>
    <Button type="submit" :label="words.button" :loading="submission.pending.value" />
  </form>
</template>
