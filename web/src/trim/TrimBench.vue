<script setup lang="ts">
import type { TrimMethod, TrimOptions } from "@apron/contract";
import { showEstimate, showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import { computed, onMounted, toRef, useTemplateRef } from "vue";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useWeightSource } from "../client/use-weight-source.ts";
import { sentenceFor } from "../client/words.ts";
import { showDay } from "../ui/dates.ts";
import { counted } from "../ui/plural.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FigureText from "../ui/FigureText.vue";
import { showMoney } from "../ui/money.ts";
import SelectField from "../ui/SelectField.vue";
import TextBox from "../ui/TextBox.vue";
import WeightField from "../ui/WeightField.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import PartRows from "./PartRows.vue";
import TrimMore from "./TrimMore.vue";
import { keyOf } from "./use-trim-fields.ts";
import { useTrimForm } from "./use-trim-form.ts";
import VesselRows from "./VesselRows.vue";
import YieldPicture from "./YieldPicture.vue";

const props = defineProps<{ options: TrimOptions }>();
const emit = defineEmits<{ recorded: [] }>();
const notices = useNotices();
const session = useSession();
const weights = useWeightSource();
const form = useTrimForm(toRef(props, "options"));
const { draft, parts, method, fraction, balance, net, submission } = form;

const usableField = useTemplateRef<{ focus: () => void }>("usable");
onMounted(() => usableField.value?.focus());

const juiceWords = { kept: ", juices kept", drained: ", drained" } as const;
const methodWords = (m: TrimMethod): string =>
  `${m.method.replaceAll("-", " ")}${m.juices === null ? "" : juiceWords[m.juices]}${m.suits ? " · recommended" : ""}`;
const methodChoices = computed(() =>
  props.options.methods.map((m) => ({ value: keyOf(m), label: methodWords(m) })),
);
const whose = computed(() => {
  const now = method.value;
  if (!now) return "";
  if (now.fallback === "handbook") return "from the handbook; your weighings will improve it";
  if (now.fallback === "prime") return "from your weighings of prime, with a wider range for seconds";
  return `from ${counted(now.ownWeighings, "weighing")} of yours`;
});
const lead = computed(() => {
  const { grams, grade, condition, source } = props.options.lot;
  return [`${showGrams(grams, session.display)} raw`, condition, grade, source.note]
    .filter(Boolean)
    .join(" · ");
});
const vesselsTotal = computed(() =>
  net.value?.ok ? `${showGrams(net.value.value, session.display)} usable in all` : "",
);
const vesselsProblem = computed(
  () =>
    submission.sentenceAt("vessels") ?? (net.value?.ok === false ? sentenceFor(net.value.issue) : undefined),
);
const unlikely = computed(() => submission.problem.value?.code === "weighing-unlikely");
const cost = computed(() => {
  const price = method.value?.costPer100gMinor;
  return price
    ? `${showMoney(price.value, session.currency)} per usable 100 g (${showMoney(price.low, session.currency)}–${showMoney(price.high, session.currency)})`
    : undefined;
});

async function record(how: { estimate?: boolean; confirmed?: boolean } = {}): Promise<void> {
  const done = await form.record(how);
  if (!done) return;
  const learned = done.learned ? " Your estimate now includes it." : "";
  notices.say({
    text: `${showGrams(done.usableLot.grams, session.display)} ${done.usableLot.name} ready. Use by ${showDay(done.usableLot.freshness.spoilsOn)}.${learned}`,
  });
  emit("recorded");
}
</script>

<template>
  <div v-if="method" class="stack">
    <form
      class="bench card"
      novalidate
      aria-label="Trim"
      data-testid="trim-bench"
      @submit.prevent="record()"
      @input="submission.forget"
    >
      <header>
        <div>
          <h2>{{ options.lot.name }}</h2>
          <p class="soft">{{ lead }}</p>
        </div>
        <div class="expected">
          <p class="soft small">expected usable, {{ whose }}</p>
          <FigureText :text="showEstimate(method.usable, session.display)" />
        </div>
      </header>

      <YieldPicture :method="method" :now="fraction" />

      <div class="fields">
        <SelectField
          id="trim-method"
          :model-value="keyOf(method)"
          label="Method"
          :choices="methodChoices"
          name="Trim method"
          :problem="submission.sentenceAt('method')"
          @update:model-value="draft.methodKey = $event"
        />
        <FieldFrame label="Raw, if not all" for="trim-raw" :problem="submission.sentenceAt('rawG')">
          <TextBox
            id="trim-raw"
            v-model="draft.rawText"
            class="figure"
            autocomplete="off"
            :placeholder="showGrams(options.lot.grams, session.display)"
          />
        </FieldFrame>
        <WeightField
          v-if="draft.vessels.length === 0"
          id="trim-usable"
          ref="usable"
          v-model="draft.usableText"
          label="Usable"
          :source="weights"
          :problem="submission.sentenceAt('usableG')"
          placeholder="weigh it"
        />
        <Button
          class="bowls"
          size="small"
          severity="secondary"
          :label="draft.vessels.length === 0 ? 'Several bowls' : 'Add a bowl'"
          data-testid="add-bowl"
          :disabled="draft.vessels.length >= 8"
          @click="form.addVessel"
        />
      </div>
      <VesselRows
        v-if="draft.vessels.length > 0"
        v-model="draft.vessels"
        :total="vesselsTotal"
        :problem="vesselsProblem"
        @dropped="form.dropVessel"
      />

      <PartRows :parts="parts" :further="options.furtherParts" @changed="form.changePart" />
      <p v-if="submission.sentenceAt('parts')" class="wrong" role="alert">
        {{ submission.sentenceAt("parts") }}
      </p>
      <p v-else-if="balance" class="balance figure" :class="{ wrong: !balance.ok }" data-testid="balance">
        {{ balance.ok ? balance.value : balance.issue }}
      </p>

      <div v-if="submission.sentence.value" class="question" role="alert">
        <p>{{ submission.sentence.value }}</p>
        <Button
          v-if="unlikely"
          label="Yes, save it"
          data-testid="confirm-trim"
          size="small"
          severity="warn"
          @click="record({ confirmed: true })"
        />
      </div>

      <div class="acts">
        <Button type="submit" label="Save trim" data-testid="save-trim" :loading="submission.pending.value" />
        <Button
          label="Skip weighing, use estimate"
          data-testid="skip-weighing"
          severity="secondary"
          :loading="submission.pending.value"
          @click="record({ estimate: true })"
        />
        <p v-if="cost" class="small">{{ cost }}</p>
      </div>
      <WorkingsNote :text="method.workings" />
    </form>
    <TrimMore :options="options" :method="method" :raw-g="form.rawG.value ?? options.lot.grams" />
  </div>
</template>

<style scoped>
.stack,
.bench {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.85rem;
}

header {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
}

.expected {
  text-align: end;
}

.fields {
  display: grid;
  grid-template-columns: 1.3fr 0.9fr 1.1fr auto;
  gap: 0.8rem;
  align-items: start;
}

.fields :deep(.p-select),
.fields :deep(.p-inputtext) {
  width: 100%;
}

.bowls {
  margin-top: 1.5rem;
}

.balance {
  padding: 0.45rem 0.7rem;
  font-size: 0.95rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

.question {
  display: flex;
  gap: 1rem;
  align-items: center;
  padding: 0.6rem 0.8rem;
  background: var(--soon-wash);
  border-inline-start: 4px solid var(--soon);
  border-radius: var(--p-border-radius-md);
}

.acts {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
  align-items: center;
}

@media (max-width: 720px) {
  .fields {
    grid-template-columns: minmax(0, 1fr);
  }

  .bowls {
    margin-top: 0;
  }
}
</style>
