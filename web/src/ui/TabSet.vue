<script setup lang="ts" generic="Value extends string">
import Tab from "primevue/tab";
import TabList from "primevue/tablist";
import TabPanel from "primevue/tabpanel";
import TabPanels from "primevue/tabpanels";
import Tabs from "primevue/tabs";

/** Views of one thing, one of them shown. */
defineProps<{ tabs: readonly { readonly value: Value; readonly label: string }[] }>();
const shown = defineModel<Value>({ required: true });
const show = (value: string | number): void => {
  shown.value = value as Value;
};
</script>

<template>
  <Tabs :value="shown" scrollable @update:value="show">
    <TabList>
      <Tab v-for="tab in tabs" :key="tab.value" :value="tab.value" :data-testid="`tab-${tab.value}`">{{
        tab.label
      }}</Tab>
    </TabList>
    <TabPanels>
      <TabPanel :value="shown"><slot :shown="shown" /></TabPanel>
    </TabPanels>
  </Tabs>
</template>
