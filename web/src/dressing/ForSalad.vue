<script setup lang="ts">
import { dressingRates } from "@apron/core/dressing";
import { showEstimate, showGrams } from "@apron/core/measure";
import { useQuery } from "@pinia/colada";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useSubmit } from "../app/use-submit.ts";
import { useWeightSource } from "../app/use-weight-source.ts";
import { showDay } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import SelectBox from "../ui/SelectBox.vue";
import TextBox from "../ui/TextBox.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import WeightField from "../ui/WeightField.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";

/** How much of it a salad takes, by its kind; how much is left, and until when. The jar weighed back, it learns. */
const props = defineProps<{ lines: readonly { readonly id: string }[]; madeG: number }>();
const session = useSession();
const notices = useNotices();
const weights = useWeightSource();
const submission = useSubmit<{ ownWeighings: number }>(["usedG", "saladG"]);
const group = ref("tender-leaves");
const text = ref("240");
const before = ref("");
const after = ref("");
const groups = dressingRates.map((rate) => ({ value: rate.group, label: rate.group.replaceAll("-", " ") }));
const rate = computed(() => dressingRates.find((one) => one.group === group.value));
const saladG = computed(() => typedGrams(text.value));
const { data: needed } = useQuery({
  key: () => ["dressing-needed", group.value, saladG.value ?? 0, Math.round(props.madeG)],
  query: () =>
    call("dressingForSalad", {
      query: { group: group.value, saladG: saladG.value ?? 0, madeG: Math.round(props.madeG) },
    }),
  enabled: () => (saladG.value ?? 0) > 0,
  placeholderData: (earlier) => earlier,
});
const ingredients = computed(() => props.lines.map((line) => line.id).join());
const { data: kept } = useQuery({
  key: () => ["dressing-kept", ingredients.value],
  query: () => call("dressingShelfLife", { query: { ingredients: ingredients.value } }),
  enabled: () => ingredients.value !== "",
  placeholderData: (earlier) => earlier,
});
const left = computed(() => needed.value?.left);
const grams = (g: number): string => showGrams(g, session.display);

async function weighBack(): Promise<void> {
  const [full, rest] = [typedGrams(before.value), typedGrams(after.value)];
  if (full === undefined || rest === undefined || saladG.value === undefined)
    return submission.refuse("amount-not-understood", "usedG", { text: before.value || after.value });
  if (rest >= full) return submission.refuse("heavier-after", "usedG", { beforeG: full, afterG: rest });
  const body = { group: group.value, saladG: saladG.value, usedG: full - rest };
  const done = await submission.submit((key) => call("weighJarBack", { body }, key));
  if (!done) return;
  before.value = after.value = "";
  notices.say({
    text: `${grams(body.usedG)} went on. The next estimate rests on ${done.ownWeighings} of this kitchen's jars.`,
  });
}
</script>

<template>
  <div class="salad">
    <FieldFrame label="Salad" for="salad-kind">
      <SelectBox id="salad-kind" v-model="group" :choices="groups" name="Kind of salad" />
    </FieldFrame>
    <FieldFrame label="weighs" for="salad-grams" :problem="submission.sentenceAt('saladG')">
      <TextBox id="salad-grams" v-model="text" class="figure" autocomplete="off" />
    </FieldFrame>
    <div v-if="needed && rate && saladG" role="status">
      <p>
        <b class="figure">{{ showEstimate(needed.grams, session.display) }}</b> of dressing for
        {{ grams(saladG) }} {{ rate.group.replaceAll("-", " ") }}.
      </p>
      <p v-if="left && left.value > 1" data-testid="dressing-left">
        <b class="figure">{{ showEstimate(left, session.display) }}</b> is left<template v-if="kept"
          >; made today it keeps until <b>{{ showDay(kept.on) }}</b> in the fridge</template
        >.
      </p>
      <p v-else>That takes all of it: make more.</p>
      <p class="soft small">{{ rate.when }} · {{ rate.examples }}</p>
      <WorkingsNote
        :text="`${rate.grams} g (${rate.low}–${rate.high}) for 100 g: ${needed.source}; ${needed.ownWeighings} own jars weighed back.${kept ? ` Keeping: ${kept.reason} (${kept.source}). ${kept.mustNever}` : ''}`"
      />
    </div>
    <p v-else class="soft">Type a weight, like 240.</p>
  </div>
  <details>
    <summary>Dressed it: weigh the jar back</summary>
    <form class="back" aria-label="Weigh the jar back" @submit.prevent="weighBack" @input="submission.forget">
      <WeightField
        id="jar-before"
        v-model="before"
        label="Jar before"
        :source="weights"
        placeholder="grams"
      />
      <WeightField
        id="jar-after"
        v-model="after"
        label="Jar after"
        :source="weights"
        placeholder="grams"
        :problem="submission.sentenceAt('usedG')"
      />
      <Button type="submit" label="Remember it" :loading="submission.pending.value" />
    </form>
    <p v-if="submission.sentence.value" class="wrong" role="alert">{{ submission.sentence.value }}</p>
  </details>
</template>

<style scoped>
.salad {
  display: grid;
  grid-template-columns: 13rem 7rem minmax(0, 1fr);
  gap: 0.8rem;
  align-items: start;
}

.salad :deep(.p-select),
.salad :deep(.p-inputtext) {
  width: 100%;
}

.back {
  display: grid;
  grid-template-columns: 10rem 10rem auto;
  gap: 0.8rem;
  align-items: end;
  justify-content: start;
  padding-top: 0.6rem;
}

summary {
  width: fit-content;
  font-size: 0.875rem;
  color: var(--action);
  cursor: pointer;
}

.wrong {
  font-weight: 600;
  color: var(--now);
}

@media (max-width: 720px) {
  .salad,
  .back {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
