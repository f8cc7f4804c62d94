<script setup lang="ts">
import type { TrimOptions } from "@apron/contract";
import { showEstimate, showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import TextBox from "../ui/TextBox.vue";
import Select from "primevue/select";
import { computed, onMounted, toRef, useTemplateRef, watch } from "vue";
import { useNotices } from "../app/notices.ts";
import { useSession } from "../app/session.ts";
import { useWeightSource } from "../app/use-weight-source.ts";
import { showDay } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FigureText from "../ui/FigureText.vue";
import { showMoney } from "../ui/money.ts";
import WeightField from "../ui/WeightField.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";
import PartRows from "./PartRows.vue";
import PurchaseCard from "./PurchaseCard.vue";
import { useTrimForm } from "./use-trim-form.ts";
import YieldPicture from "./YieldPicture.vue";

const props = defineProps<{ options: TrimOptions }>();
const emit = defineEmits<{ recorded: [] }>();
const notices = useNotices();
const session = useSession();
const weights = useWeightSource();
const form = useTrimForm(toRef(props, "options"));
const { methodName, rawText, usableText, parts, method, fraction, balance, submission } = form;

const usableField = useTemplateRef<{ focus: () => void }>("usable");
onMounted(() => usableField.value?.focus());
watch(
  () => props.options.lot.id,
  () => usableField.value?.focus(),
);

const methodChoices = computed(() =>
  props.options.methods.map((m) => ({ value: m.method, label: m.method.replaceAll("-", " ") })),
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
  const learned = done.learned ? " The next estimate has learned from it." : "";
  notices.say({
    text: `${showGrams(done.usableLot.grams, session.display)} ${done.usableLot.name} ready, use by ${showDay(done.usableLot.freshness.spoilsOn)}.${learned}`,
  });
  emit("recorded");
}
</script>

<template>
  <form
    v-if="method"
    class="bench card"
    novalidate
    aria-label="Trim bench"
    @submit.prevent="record()"
    @input="submission.forget"
  >
    <header>
      <div>
        <h2>{{ options.lot.name }}</h2>
        <p class="soft">
          {{ showGrams(options.lot.grams, session.display) }} raw · {{ options.lot.grade }} ·
          {{ options.lot.source.note }}
        </p>
      </div>
      <div class="expected">
        <p class="soft small">should leave</p>
        <FigureText :text="showEstimate(method.usable, session.display)" />
      </div>
    </header>

    <YieldPicture :method="method" :now="fraction" />

    <div class="fields">
      <FieldFrame label="How" for="trim-method" :problem="submission.sentenceAt('method')">
        <Select
          label-id="trim-method"
          :model-value="method.method"
          :options="methodChoices"
          option-label="label"
          option-value="value"
          aria-label="How it is trimmed"
          @update:model-value="methodName = $event"
        />
      </FieldFrame>
      <FieldFrame label="Raw, if not all of it" for="trim-raw" :problem="submission.sentenceAt('rawG')">
        <TextBox
          id="trim-raw"
          v-model="rawText"
          class="figure"
          autocomplete="off"
          :placeholder="showGrams(options.lot.grams)"
        />
      </FieldFrame>
      <WeightField
        id="trim-usable"
        ref="usable"
        v-model="usableText"
        label="Usable"
        :source="weights"
        :problem="submission.sentenceAt('usableG')"
        placeholder="weigh it"
      />
    </div>

    <PartRows v-if="parts.length > 0" v-model="parts" />
    <p v-if="submission.sentenceAt('parts')" class="wrong" role="alert">
      {{ submission.sentenceAt("parts") }}
    </p>
    <p v-else-if="balance" class="balance figure" :class="{ wrong: !balance.ok }" data-testid="balance">
      {{ balance.ok ? `${showGrams(form.rawG.value ?? 0)} = ${balance.value}` : balance.issue }}
    </p>

    <div v-if="submission.sentence.value" class="question" role="alert">
      <p>{{ submission.sentence.value }}</p>
      <Button
        v-if="unlikely"
        label="It is right, record it"
        size="small"
        severity="warn"
        @click="record({ confirmed: true })"
      />
    </div>

    <div class="acts">
      <Button type="submit" label="Record the trim" :loading="submission.pending.value" />
      <Button
        label="Not weighed: use the estimate"
        severity="secondary"
        :loading="submission.pending.value"
        @click="record({ estimate: true })"
      />
      <p v-if="cost" class="small">{{ cost }}</p>
    </div>
    <WorkingsNote :text="method.workings" />
    <PurchaseCard
      :ingredient="options.lot.ingredient"
      :name="options.lot.name"
      :method="method.method"
      :grade="options.lot.grade"
    />
  </form>
</template>

<style scoped>
.bench {
  display: grid;
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
  grid-template-columns: 1fr 1fr 1.2fr;
  gap: 0.8rem;
}

.fields :deep(.p-select),
.fields :deep(.p-inputtext) {
  width: 100%;
}

.balance {
  padding: 0.45rem 0.7rem;
  font-size: 0.95rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

.wrong {
  color: var(--now);
  font-weight: 600;
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
}
</style>
