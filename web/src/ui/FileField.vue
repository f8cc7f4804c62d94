<script setup lang="ts">
import FileUpload, { type FileUploadSelectEvent } from "primevue/fileupload";
import { useTemplateRef } from "vue";
import FieldFrame from "./FieldFrame.vue";

/** A file from this device, or several, handed over as they are chosen; nothing is sent from here. */
defineProps<{
  id: string;
  label: string;
  chooseLabel: string;
  accept: string;
  problem?: string | undefined;
  hint?: string;
  multiple?: boolean;
}>();
const emit = defineEmits<{ chosen: [file: File]; "chosen-all": [files: readonly File[]] }>();
const field = useTemplateRef<{ clear: () => void }>("field");
function take(event: FileUploadSelectEvent): void {
  const files = [...(event.files as File[])];
  const [file] = files;
  if (file) {
    emit("chosen", file);
    emit("chosen-all", files);
  }
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
      :multiple="multiple"
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
