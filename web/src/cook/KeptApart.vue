<script setup lang="ts">
import type { ContainerOption, PartApart } from "@apron/contract";
import { fewestFor } from "@apron/core/larder";
import { showEstimate } from "@apron/core/measure";
import { computed } from "vue";
import { newId } from "../client/new-id.ts";
import { useSession } from "../client/session.ts";
import FoldOut from "../ui/FoldOut.vue";
import { typedGrams } from "../ui/typed-grams.ts";
import type { WeightSource } from "../ui/weight-source.ts";
import WeightField from "../ui/WeightField.vue";
import ContainerOptions from "./ContainerOptions.vue";
import { keptDrafts, partMakes, type KeptDraft, type PartDraft } from "./make-draft.ts";
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
    const keptG = typedGrams(draft.kept);
    const option = part.containers.find((one) => isSame(one, draft));
    const count = keptG && option ? fewestFor(keptG, option.capacityG) : 0;
    const makes = showEstimate(partMakes(props.parts, part.part), session.display);
    const useBy = keptG ? part.useBy[draft.place] : null;
    return { part, draft, makes, useBy, into: option && count > 0 ? `${count} × ${option.name}` : "" };
  }),
);
const capitalised = (name: string): string => name.charAt(0).toUpperCase() + name.slice(1);
const isSame = (one: { kind: string; place: string }, other: { kind: string; place: string }): boolean =>
  one.kind === other.kind && one.place === other.place;
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
          :is-chosen="(option) => isSame(option, draft)"
          :of="part.name"
          @chosen="change(part.part, draft, { kind: $event.kind, place: $event.place })"
        />
        <p v-if="into" class="small soft" data-testid="kept-into">
          {{ into }}, {{ draft.place }}. It has a label of its own, and the dish only what is left.
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
