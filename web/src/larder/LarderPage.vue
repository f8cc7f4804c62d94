<script setup lang="ts">
import type { Container } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useRefresh } from "../app/queries.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import EmptyState from "../ui/EmptyState.vue";
import PageHead from "../ui/PageHead.vue";
import { groupContainers } from "./container-groups.ts";
import LarderRow from "./LarderRow.vue";

const session = useSession();
const notices = useNotices();
const refresh = useRefresh();
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

async function take(container: Container, fate: keyof typeof fateWords): Promise<void> {
  try {
    const { withdrawalId, grams } = await call("withdraw", { params: { id: container.id }, body: { fate } });
    notices.say({
      text: `${showGrams(grams, session.display)} ${container.name} ${fateWords[fate]}.`,
      undo: () => call("undoWithdrawal", { params: { id: withdrawalId } }),
    });
  } catch (problem) {
    notices.say({ text: sentenceOf(problem) });
  }
  await refresh();
}
</script>

<template>
  <PageHead title="Larder" lead="What was put by, the first to expire first.">
    <ChoiceButtons v-model="place" label="Where" :choices="places" />
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <LarderRow v-for="group in groups" :key="group.key" :group="group" @take="take(group.next, $event)" />
  <EmptyState
    v-if="status === 'success' && groups.length === 0"
    text="Nothing stands here. What is made and put by comes here with its date."
    action="See what could be made"
    to="/match"
  />
</template>
