<script setup lang="ts">
import FileUpload, { type FileUploadSelectEvent } from "primevue/fileupload";
import { useTemplateRef } from "vue";
import FieldFrame from "./FieldFrame.vue";

/** One file from this device, handed over as it is chosen; nothing is sent from here. */
defineProps<{
  id: string;
  label: string;
  chooseLabel: string;
  accept: string;
  problem?: string | undefined;
  hint?: string;
}>();
const emit = defineEmits<{ chosen: [file: File] }>();
const field = useTemplateRef<{ clear: () => void }>("field");
function take(event: FileUploadSelectEvent): void {
  const [file] = event.files as File[];
  if (file) emit("chosen", file);
  // The same file may be chosen again after it was mended.
  field.value?.clear();
}
</script>

<template>
  <FieldFrame :label="label" :for="id" :problem="problem" :hint="hint">
    <FileUpload
      ref="field"
      mode="basic"
      custom-upload
      :accept="accept"
      :choose-label="chooseLabel"
      :choose-button-props="{ severity: 'secondary' }"
      :pt="{ input: { id, 'data-testid': id } }"
      @select="take"
    >
      <template #filelabel><span></span></template>
    </FileUpload>
  </FieldFrame>
</template>
