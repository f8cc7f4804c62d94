<script setup lang="ts">
import type { ContainerOption, PartApart } from "@apron/contract";
import { showEstimate } from "@apron/core/measure";
import { computed } from "vue";
import { newId } from "../client/new-id.ts";
import { useSession } from "../client/session.ts";
import FoldOut from "../ui/FoldOut.vue";
import type { WeightSource } from "../ui/weight-source.ts";
import WeightField from "../ui/WeightField.vue";
import ContainerOptions from "./ContainerOptions.vue";
import { keptDrafts, keptIn, partMakes, type KeptDraft, type PartDraft } from "./make-draft.ts";
import UseByNote from "./UseByNote.vue";

/** What is left of the parts that were made apart (a cream, a dressing) and is kept by itself, with its own container and date. */
const props = defineProps<{
  apart: readonly PartApart[];
  parts: readonly PartDraft[];
  source: WeightSource;
  sentenceAt: (field: string) => string | undefined;
}>();
const kept = defineModel<Record<string, KeptDraft>>({ required: true });
const session = useSession();

/** A jar for what is poured or spread, whatever its dish is put into. */
function untouched({ containers }: PartApart): KeptDraft {
  const isJar = ({ kind }: ContainerOption): boolean => kind === "jar";
  const first = containers.find(isJar) ?? containers[0];
  const { kind, place } = first ?? { kind: "jar", place: "fridge" };
  return { id: newId(), kept: "", weighed: "", kind, place };
}
const rows = computed(() =>
  props.apart.map((part) => {
    const draft = kept.value[part.part] ?? untouched(part);
    const into = keptIn(part, draft);
    const makes = showEstimate(partMakes(props.parts, part.part), session.display);
    return { part, draft, makes, into, useBy: into ? part.useBy[draft.place] : null };
  }),
);
const capitalised = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
const change = (part: string, draft: KeptDraft, more: Partial<KeptDraft>): void => {
  kept.value = { ...kept.value, [part]: { ...draft, ...more } };
};
const problemOf = (part: string): string | undefined => {
  const at = keptDrafts(kept.value).findIndex(([one]) => one === part);
  const fields = [`apart.${at}`, `apart.${at}.containers`, `apart.${at}.containers.0.place`];
  return at < 0 ? undefined : fields.map(props.sentenceAt).find((sentence) => sentence !== undefined);
};
</script>

<template>
  <section v-if="apart.length > 0" class="kept" aria-label="Parts kept by themselves">
    <FoldOut
      v-for="({ part, draft, makes, useBy, into }, i) in rows"
      :key="part.part"
      :title="`Keep some of this by itself: ${part.name}`"
      :open="draft.kept !== ''"
      :data-testid="`keep-part-${i}`"
      quiet
    >
      <div class="part">
        <div class="fields">
          <WeightField
            :id="`kept-${i}`"
            :model-value="draft.kept"
            :label="`${capitalised(part.name)} kept`"
            placeholder="grams"
            :source="source"
            :problem="problemOf(part.part)"
            @update:model-value="change(part.part, draft, { kept: $event })"
          />
          <WeightField
            :id="`part-weighed-${i}`"
            :model-value="draft.weighed"
            label="All of it weighed"
            :placeholder="makes"
            :source="source"
            @update:model-value="change(part.part, draft, { weighed: $event })"
          />
        </div>
        <ContainerOptions
          :options="part.containers"
          :chosen="[draft]"
          :of="part.name"
          @chosen="change(part.part, draft, { kind: $event.kind, place: $event.place })"
        />
        <p v-if="into" class="small soft" data-testid="kept-into">
          {{ into.count }} × {{ into.name }}, {{ draft.place }}. It gets its own label; the dish keeps only
          the rest.
        </p>
        <UseByNote v-if="useBy" :use-by="useBy" :place="undefined" />
      </div>
    </FoldOut>
  </section>
</template>

<style scoped>
.kept {
  display: grid;
  gap: 0.5rem;
}

.part {
  display: grid;
  gap: 0.6rem;
}

.fields {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(9.5rem, 1fr));
  gap: 0.6rem;
}
</style>
