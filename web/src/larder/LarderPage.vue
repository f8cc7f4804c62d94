<script setup lang="ts">
import type { Container } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, ref } from "vue";
import { call } from "../client/api.ts";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";
import { sentenceOf } from "../client/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import { groupContainers } from "./container-groups.ts";
import LarderRow from "./LarderRow.vue";

const session = useSession();
const notices = useNotices();
const { data: larder, error, status } = useQuery({ key: ["larder"], query: () => call("listLarder", {}) });
const places = [
  { value: "all", label: "All" },
  { value: "fridge", label: "Fridge" },
  { value: "freezer", label: "Freezer" },
] as const;
const place = ref<(typeof places)[number]["value"]>("all");
const groups = computed(() =>
  groupContainers(
    (larder.value?.containers ?? []).filter((c) => place.value === "all" || c.place === place.value),
  ),
);
const fateWords = { eaten: "taken", given: "given away", discarded: "thrown away" } as const;
const { submit, sentence } = useSubmit();

async function take(container: Container, fate: keyof typeof fateWords): Promise<void> {
  const request = { params: { id: container.id }, body: { fate } };
  const done = await submit("withdraw", request, `${container.name} ${fateWords[fate]}`);
  if (!done) return;
  notices.say({
    text: `${showGrams(done.grams, session.display)} ${container.name} ${fateWords[fate]}.`,
    undo: { name: "undoWithdrawal", request: { params: { id: done.withdrawalId } } },
  });
}
</script>

<template>
  <PageHead title="Larder" lead="What is stored, first to expire first.">
    <ChoiceButtons v-model="place" label="Where" :choices="places" />
  </PageHead>
  <ProblemNote :text="error ? sentenceOf(error) : sentence" />
  <LarderRow v-for="group in groups" :key="group.key" :group="group" @take="take" />
  <EmptyState
    v-if="status === 'success' && groups.length === 0"
    title="Nothing stored yet"
    text="When you make a dish and store it, it appears here with its use-by date and why."
    action="See what you could make"
    to="/match"
  />
</template>
