<script setup lang="ts">
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import { useAct } from "../client/use-act.ts";
import { showDayOf } from "../ui/dates.ts";
import FieldFrame from "../ui/FieldFrame.vue";
import FoldOut from "../ui/FoldOut.vue";
import ProblemNote from "../ui/ProblemNote.vue";
import SmallForm from "../ui/SmallForm.vue";
import TextBox from "../ui/TextBox.vue";

/** Its name is typed, and there are days to think again. */
const session = useSession();
const kitchen = computed(() => session.session?.kitchen);
const name = ref("");
const { act, pending, sentence, sentenceAt, forget } = useAct(["name"]);

async function remove(): Promise<void> {
  if (await act("deleteKitchen", { body: { name: name.value } })) await session.restore();
}
async function keep(): Promise<void> {
  if (await act("keepKitchen", {})) await session.restore();
}
</script>

<template>
  <section v-if="kitchen" class="card" aria-labelledby="delete-kitchen-head" data-testid="delete-kitchen">
    <h2 id="delete-kitchen-head">Delete this kitchen</h2>
    <template v-if="kitchen.deleteAfter">
      <p>
        <b>{{ kitchen.name }}</b> will be deleted on {{ showDayOf(kitchen.deleteAfter) }}, with everything in
        it. Until then everything works as before.
      </p>
      <Button label="Keep this kitchen" :loading="pending" data-testid="keep-kitchen" @click="keep" />
      <ProblemNote :text="sentence" />
    </template>
    <template v-else>
      <p class="soft small">
        It is deleted after 14 days, with everything in it, for everyone who cooks here.
      </p>
      <FoldOut title="Delete the kitchen" quiet>
        <SmallForm
          label="Delete this kitchen"
          submit-label="Delete this kitchen"
          :problem="sentence"
          :pending="pending"
          :disabled="name.trim() === ''"
          @send="remove"
          @changed="forget"
        >
          <FieldFrame
            :label="`Type the kitchen's name: ${kitchen.name}`"
            for="delete-kitchen-name"
            :problem="sentenceAt('name')"
          >
            <TextBox id="delete-kitchen-name" v-model="name" autocomplete="off" />
          </FieldFrame>
        </SmallForm>
      </FoldOut>
    </template>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: 0.7rem;
}

section > :deep(.p-button) {
  justify-self: start;
}
</style>
