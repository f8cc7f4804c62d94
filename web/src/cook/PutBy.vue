<script setup lang="ts">
import type { ContainerOption, MakePlan, UseBy } from "@apron/contract";
import { fewestFor } from "@apron/core/larder";
import { showGrams, showPercent } from "@apron/core/measure";
import Button from "primevue/button";
import InputNumber from "primevue/inputnumber";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import ContainerOptions from "./ContainerOptions.vue";
import ContainerRow from "./ContainerRow.vue";
import { storedAs, type ContainerDraft } from "./make-draft.ts";
import UseByNote from "./UseByNote.vue";

/** What is eaten at once, which containers take the rest, and until when the dish keeps in them. */
const props = defineProps<{
  plan: MakePlan;
  madeG: number;
  eatenG: number;
  isAllEaten: boolean;
  /** Does the proposal still stand? Then a tap on another container takes its place; later ones join. */
  isProposed: boolean;
  problem: string | undefined;
}>();
const containers = defineModel<ContainerDraft[]>({ required: true });
const eaten = defineModel<number>("eaten", { required: true });
const session = useSession();

const isSame = (one: { kind: string; place: string }, option: ContainerOption): boolean =>
  one.kind === option.kind && one.place === option.place;
const isChosen = (option: ContainerOption): boolean => containers.value.some((one) => isSame(one, option));
const nameOf = (one: ContainerDraft): string =>
  props.plan.containers.find((option) => isSame(one, option))?.name ?? one.kind;
const storedG = computed(() => Math.max(0, props.madeG - props.eatenG));

function choose(option: ContainerOption): void {
  const { kind, place, capacityG } = option;
  const others = props.isProposed ? [] : containers.value.filter((one) => !isSame(one, option));
  const isDropped = !props.isProposed && isChosen(option) && others.length > 0;
  const count = others.length > 0 ? 1 : fewestFor(storedG.value, capacityG);
  const added = isDropped ? [] : [{ kind, place, count, text: "", isPlain: false }];
  containers.value = [...others, ...added];
}
const setRow = (at: number, row: ContainerDraft): void => {
  containers.value = containers.value.map((one, i) => (i === at ? row : one));
};
const drop = (at: number): void => {
  containers.value = containers.value.filter((_, i) => i !== at);
};
const loads = computed(() => {
  const stored = storedAs(containers.value, props);
  return stored.ok ? stored.value.loads : [];
});
const places = computed(() => [...new Set(containers.value.map(({ place }) => place))]);
const dates = computed(() =>
  places.value.flatMap((place) => {
    const useBy: UseBy | null = props.plan.useBy[place];
    return useBy ? [{ place, useBy }] : [];
  }),
);
</script>

<template>
  <section class="put-by" aria-labelledby="put-by">
    <div class="eaten">
      <label for="eaten-now">Eaten now, portions</label>
      <InputNumber
        v-model="eaten"
        input-id="eaten-now"
        :min="0"
        :max="Math.ceil(plan.servings)"
        :step="1"
        :max-fraction-digits="1"
        show-buttons
        button-layout="horizontal"
        :pt="{
          incrementButton: { 'data-testid': 'eat-one-more', 'aria-label': 'One portion more' },
          decrementButton: { 'aria-label': 'One portion fewer' },
        }"
      />
      <Button
        v-if="!isAllEaten"
        label="All of it"
        size="small"
        variant="text"
        data-testid="eat-all"
        @click="eaten = Math.ceil(plan.servings)"
      />
      <span v-if="eatenG > 0" class="small soft">{{ showGrams(eatenG, session.display) }}, no container</span>
    </div>
    <template v-if="!isAllEaten">
      <h2 id="put-by">Store in</h2>
      <ContainerOptions :options="plan.containers" :chosen="containers" @chosen="choose" />
      <ul>
        <ContainerRow
          v-for="(one, i) in containers"
          :id="`container-${i}`"
          :key="`${one.kind} ${one.place}`"
          :model-value="one"
          :name="nameOf(one)"
          :each-g="loads[i]?.eachG"
          :may-go="containers.length > 1"
          @update:model-value="setRow(i, $event)"
          @removed="drop(i)"
        />
      </ul>
      <p v-if="places[0]" class="small soft">
        {{ showPercent(plan.headspace[places[0]]) }} of each is left empty as headspace. Enter a weight for
        all containers of a kind, or leave it empty to share the rest.
      </p>
    </template>
    <ProblemNote :text="problem" />
    <UseByNote
      v-for="one in dates"
      :key="one.place"
      :use-by="one.useBy"
      :place="dates.length > 1 ? one.place : undefined"
    />
  </section>
</template>

<style scoped>
.put-by {
  display: grid;
  gap: 0.6rem;
}

.eaten {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 0.7rem;
  align-items: center;
  font-weight: 600;
}

.eaten :deep(.p-inputnumber-input) {
  width: 3.4rem;
  text-align: center;
}

.eaten .small {
  font-weight: 400;
}
</style>
