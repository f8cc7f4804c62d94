<script setup lang="ts">
import { format, parseISO } from "date-fns";
import DatePicker from "primevue/datepicker";
import { usePrimeVue } from "primevue/config";
import { computed, onBeforeMount } from "vue";
import { calendarWords } from "./calendar-words.ts";
import { datePattern } from "./dates.ts";
import FieldFrame from "./FieldFrame.vue";

/** A day in the kitchen's own format: typed or picked; its value is YYYY-MM-DD, or "" for none. */
const props = defineProps<{
  id: string;
  label: string;
  problem?: string | undefined;
  placeholder?: string;
  latest?: string | undefined;
  clearable?: boolean;
}>();
const day = defineModel<string>({ required: true });
const date = computed({
  get: () => (day.value === "" ? null : parseISO(day.value)),
  set: (value: Date | Date[] | (Date | null)[] | null | undefined) => {
    day.value = value instanceof Date ? format(value, "yyyy-MM-dd") : "";
  },
});
const { config } = usePrimeVue();
onBeforeMount(() => {
  config.locale = { ...config.locale, ...calendarWords() } as typeof config.locale;
});
const maxDate = computed(() => (props.latest ? { maxDate: parseISO(props.latest) } : {}));
</script>

<template>
  <FieldFrame :label="label" :for="id" :problem="problem">
    <DatePicker
      v-model="date"
      :input-id="id"
      :date-format="datePattern()"
      :placeholder="placeholder ?? 'no date'"
      :invalid="problem !== undefined"
      :show-clear="clearable"
      show-icon
      icon-display="input"
      fluid
      v-bind="maxDate"
    />
  </FieldFrame>
</template>
