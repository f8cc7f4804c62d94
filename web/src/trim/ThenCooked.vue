<script setup lang="ts">
import type { ReplyOf, RequestOf, TrimMethod, TrimOptions } from "@apron/contract";
import { numberWriter, showEstimate } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import { X } from "@lucide/vue";
import { computed, ref, watch } from "vue";
import { call } from "../client/api.ts";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import PickBox from "../ui/PickBox.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import TrayWeighing from "./TrayWeighing.vue";

/** From raw to plate: this way of trimming and what is cooked after it, water lost and all. */
const props = defineProps<{ options: TrimOptions; method: TrimMethod; rawG: number }>();
const session = useSession();
type Cooked = { readonly method: string; juices: "kept" | "drained" };
const cooked = ref<Cooked[]>([]);
watch(
  () => props.options.lot.id,
  () => (cooked.value = []),
);
const choices = computed(() =>
  props.options.cooking.map((method) => ({ value: method, label: method.replaceAll("-", " ") })),
);
function add(method: string): void {
  cooked.value = [...cooked.value, { method, juices: "kept" }];
}
const body = computed<RequestOf<"chainYields">["body"]>(() => ({
  ingredient: props.options.lot.ingredient,
  rawG: props.rawG,
  grade: props.options.lot.grade,
  steps: [
    { kind: "trim", method: props.method.method, juices: props.method.juices },
    ...cooked.value.map((one) => ({ kind: "cook" as const, ...one })),
  ],
}));
const { data: chained, error } = useQuery<ReplyOf<"chainYields">>({
  key: () => ["chain", JSON.stringify(body.value)],
  query: () => call("chainYields", { body: body.value }),
  placeholderData: (before) => before,
});
const words = (method: string): string => method.replaceAll("-", " ");
const water = computed(() =>
  chained.value?.water === null || chained.value === undefined
    ? undefined
    : numberWriter(session.display.locale, { style: "percent" }).format(chained.value.water),
);
const stronger = computed(() => {
  const { value } = chained.value?.concentration ?? { value: 1 };
  return value === 1
    ? ""
    : numberWriter(session.display.locale, { maximumSignificantDigits: 2 }).format(value);
});
</script>

<template>
  <div class="chain">
    <PickBox
      id="then-cooked"
      class="pick"
      :choices="choices"
      name="Cooking step"
      :placeholder="choices.length > 0 ? 'Add a cooking step' : 'No cooking yields are known for it'"
      :disabled="choices.length === 0"
      @picked="add"
    />
    <p v-if="error" class="wrong" role="alert">{{ sentenceOf(error) }}</p>
    <ol v-else-if="chained">
      <li v-for="(stage, i) in chained.stages" :key="i">
        <span class="name">{{ words(stage.method) }}</span>
        <b class="figure">{{ showEstimate(stage.grams, session.display) }}</b>
        <button
          v-if="i > 0"
          type="button"
          :aria-label="`Remove ${words(stage.method)}`"
          @click="cooked = cooked.filter((_, at) => at !== i - 1)"
        >
          <X :size="16" aria-hidden="true" />
        </button>
        <WorkingsNote :text="stage.workings" />
      </li>
    </ol>
    <p v-if="chained && cooked.length > 0 && !error">
      <span v-if="water">{{ water }} water afterwards. </span>
      <span v-else class="soft">{{ chained.waterNote }} </span>
      <span v-if="stronger"
        >Each gram is {{ stronger }} times as salty and sour as before, so season at the end.</span
      >
    </p>
    <TrayWeighing v-if="cooked.length > 0" />
  </div>
</template>

<style scoped>
.chain {
  display: grid;
  gap: 0.7rem;
}

.pick {
  justify-self: start;
  min-width: 17rem;
}

li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto 36px;
  gap: 0 0.8rem;
  align-items: center;
  padding: 0.35rem 0;
  border-bottom: 1px solid var(--line);
}

li :deep(.workings) {
  grid-column: 1 / -1;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

button {
  display: grid;
  place-items: center;
  width: 36px;
  height: 36px;
  color: var(--soft-ink);
  background: none;
  border: 0;
  cursor: pointer;
}
</style>
