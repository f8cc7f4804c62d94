<script setup lang="ts">
import Accordion from "primevue/accordion";
import AccordionContent from "primevue/accordioncontent";
import AccordionHeader from "primevue/accordionheader";
import AccordionPanel from "primevue/accordionpanel";
import { ref, watch } from "vue";

/** Something that is not needed every time, behind its title. */
const props = defineProps<{ title: string; open?: boolean; quiet?: boolean }>();
const shown = ref<string | string[] | null | undefined>(props.open ? "it" : null);
watch(
  () => props.open,
  (open) => {
    if (open) shown.value = "it";
  },
);
</script>

<template>
  <Accordion v-model:value="shown" class="fold" :class="{ quiet }">
    <AccordionPanel value="it">
      <AccordionHeader>{{ title }}</AccordionHeader>
      <AccordionContent><slot /></AccordionContent>
    </AccordionPanel>
  </Accordion>
</template>

<style scoped>
.fold :deep(.p-accordionheader) {
  justify-content: start;
  gap: 0.5rem;
  min-height: 40px;
  padding: 0.3rem 0;
}

.quiet :deep(.p-accordionheader) {
  min-height: 32px;
  font-size: 0.875rem;
}

@media (pointer: coarse) {
  .fold :deep(.p-accordionheader) {
    min-height: 44px;
  }
}
</style>
