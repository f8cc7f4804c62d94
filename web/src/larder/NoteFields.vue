<script setup lang="ts">
import Textarea from "primevue/textarea";
import FieldFrame from "../ui/FieldFrame.vue";

/** A line for the notebook, and what to do differently. */
const note = defineModel<string>("note", { required: true });
const nextTime = defineModel<string>("nextTime", { required: true });
</script>

<template>
  <div class="notes">
    <FieldFrame label="Notes" for="batch-note">
      <Textarea
        id="batch-note"
        v-model="note"
        rows="2"
        auto-resize
        maxlength="2000"
        placeholder="How it went, how it tasted"
      />
    </FieldFrame>
    <FieldFrame label="Next time" for="batch-next">
      <Textarea
        id="batch-next"
        v-model="nextTime"
        rows="1"
        auto-resize
        maxlength="500"
        placeholder="Less oil, ten minutes longer"
      />
    </FieldFrame>
  </div>
</template>

<style scoped>
.notes {
  display: grid;
  gap: 0.6rem;
}

.notes :deep(textarea) {
  width: 100%;
}
</style>
