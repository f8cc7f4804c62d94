<script setup lang="ts">
import type { ShoppingItem } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import Button from "primevue/button";
import Checkbox from "primevue/checkbox";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import { showMoney } from "../ui/money.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import WorkingsNote from "../ui/WorkingsNote.vue";

/** One thing to buy: ticked, it can be said how much of it it really was. */
const props = defineProps<{ item: ShoppingItem; amount: string; problem: string | undefined }>();
const emit = defineEmits<{ tick: [isTicked: boolean]; remove: []; amount: [text: string] }>();
const session = useSession();
const about = computed(() => {
  const { grams, dishes, amount } = props.item;
  const weight = grams === null ? "" : showGrams(grams, session.display);
  const isSaid = weight === "" || amount.endsWith(weight);
  return [isSaid ? "" : `about ${weight}`, dishes.length > 0 ? `for ${dishes.join(", ")}` : ""]
    .filter(Boolean)
    .join(" · ");
});
const price = computed(() =>
  props.item.priceMinor === null ? "" : showMoney(props.item.priceMinor, session.currency),
);
</script>

<template>
  <li class="row" :class="{ done: item.ticked }" data-testid="shopping-item">
    <Checkbox
      :model-value="item.ticked"
      binary
      :input-id="`tick-${item.key}`"
      data-testid="tick"
      @update:model-value="emit('tick', $event as boolean)"
    />
    <label :for="`tick-${item.key}`" class="what">
      <span class="name"
        ><span v-if="item.amount" class="figure">{{ item.amount }}</span> {{ item.name }}</span
      >
      <span v-if="about" class="soft small about">{{ about }}</span>
    </label>
    <span class="figure price">{{ price }}</span>
    <Button
      v-if="item.byHand"
      class="off-paper"
      label="Remove"
      size="small"
      variant="text"
      :aria-label="`Remove ${item.name}`"
      @click="emit('remove')"
    />
    <div v-if="item.ticked && item.ingredient !== null" class="bought off-paper">
      <label :for="`bought-${item.key}`" class="small soft">As bought, if it differs</label>
      <TextBox
        :id="`bought-${item.key}`"
        :model-value="amount"
        :placeholder="item.amount || 'How much?'"
        @update:model-value="emit('amount', String($event ?? ''))"
      />
      <ProblemNote :text="problem" />
    </div>
    <WorkingsNote v-if="item.workings" class="bought off-paper" :text="item.workings" />
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  gap: 0.2rem 0.7rem;
  align-items: center;
  padding: 0.45rem 0;
  border-bottom: 1px solid var(--line);
}

.about {
  display: block;
}

.done .name {
  color: var(--soft-ink);
  text-decoration: line-through;
}

.bought {
  grid-column: 2 / -1;
}
</style>
