<script setup lang="ts">
import { showEstimate, showGrams, type DisplaySystem } from "@apron/core/measure";
import { computed } from "vue";
import ChoiceButtons from "../ui/ChoiceButtons.vue";
import { todayIso } from "../ui/dates.ts";
import SelectField from "../ui/SelectField.vue";
import {
  cupChoices,
  currencyChoices,
  dialectChoices,
  localeChoices,
  timeZoneChoices,
  unitChoices,
} from "./choices.ts";

/** How a kitchen measures, names and writes things; what that looks like is shown at once. */
type Writing = {
  units: DisplaySystem;
  dialect: "uk" | "us";
  cup: "us-customary" | "us-label" | "metric";
  locale: string;
  currency: string;
  timeZone: string;
};
const props = defineProps<{ writing: Writing; sentenceAt: (field: string) => string | undefined }>();
const emit = defineEmits<{ changed: [to: Partial<Writing>] }>();
const locales = computed(() => localeChoices(props.writing.locale));
const currencies = computed(() => currencyChoices(props.writing.locale));
const zones = computed(() => timeZoneChoices(props.writing.timeZone));
const example = computed(() => {
  const { units: system, locale, currency } = props.writing;
  const display = { system, locale };
  const money = new Intl.NumberFormat(locale, { style: "currency", currency }).format(2.4);
  const day = new Intl.DateTimeFormat(locale, { dateStyle: "medium" }).format(
    new Date(`${todayIso()}T12:00`),
  );
  return [
    showGrams(1240, display),
    showEstimate({ value: 610, low: 560, high: 660 }, display),
    money,
    day,
  ].join(" · ");
});
</script>

<template>
  <div class="writing">
    <div>
      <p class="label">Weights</p>
      <ChoiceButtons
        :model-value="writing.units"
        label="Weights"
        :choices="unitChoices"
        @update:model-value="emit('changed', { units: $event })"
      />
    </div>
    <div>
      <p class="label">Names</p>
      <ChoiceButtons
        :model-value="writing.dialect"
        label="Names"
        :choices="dialectChoices"
        @update:model-value="emit('changed', { dialect: $event })"
      />
    </div>
    <div class="pair">
      <SelectField
        id="kitchen-cup"
        :model-value="writing.cup"
        label="Cup"
        :choices="cupChoices"
        :problem="sentenceAt('cup')"
        @update:model-value="emit('changed', { cup: $event })"
      />
      <SelectField
        id="kitchen-locale"
        :model-value="writing.locale"
        label="Language and region"
        :choices="locales"
        filter
        :problem="sentenceAt('locale')"
        @update:model-value="emit('changed', { locale: $event })"
      />
      <SelectField
        id="kitchen-currency"
        :model-value="writing.currency"
        label="Currency"
        :choices="currencies"
        filter
        :problem="sentenceAt('currency')"
        @update:model-value="emit('changed', { currency: $event })"
      />
      <SelectField
        id="kitchen-zone"
        :model-value="writing.timeZone"
        label="Time zone"
        :choices="zones"
        filter
        :problem="sentenceAt('timeZone')"
        @update:model-value="emit('changed', { timeZone: $event })"
      />
    </div>
    <p class="example">
      Looks like this: <b class="figure" data-testid="kitchen-example">{{ example }}</b>
    </p>
  </div>
</template>

<style scoped>
.writing {
  display: grid;
  gap: 0.8rem;
}

.pair {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.8rem;
}

.pair :deep(.p-select) {
  width: 100%;
}

.label {
  margin-bottom: 0.3rem;
  font-size: 0.875rem;
  font-weight: 600;
}

.example {
  padding: 0.5rem 0.7rem;
  font-size: 0.9rem;
  background: var(--sunk);
  border-radius: var(--p-border-radius-md);
}

@media (max-width: 520px) {
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
