<script setup lang="ts">
import type { BatchView } from "@apron/contract";
import { useSubmit } from "../client/use-submit.ts";
import PhotoField from "../recipes/PhotoField.vue";

/** A picture of what was made. */
const props = defineProps<{ batch: BatchView }>();
const submission = useSubmit(["data"]);
async function save(data: string): Promise<boolean> {
  const params = { id: props.batch.id };
  const label = `photo of ${props.batch.name}`;
  return (await submission.submit("setBatchPhoto", { params, body: { data } }, label)) !== undefined;
}
</script>

<template>
  <PhotoField
    id="batch-photo-file"
    :name="batch.name"
    :photo="batch.photo"
    :submission="submission"
    :save="save"
  />
</template>
