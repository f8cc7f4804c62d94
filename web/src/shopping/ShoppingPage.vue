<script setup lang="ts">
import Button from "primevue/button";
import { computed, ref } from "vue";
import { useSession } from "../client/session.ts";
import { sentenceOf } from "../client/words.ts";
import EmptyState from "../ui/EmptyState.vue";
import FieldFrame from "../ui/FieldFrame.vue";
import { readMoney, showMoney } from "../ui/money.ts";
import PageHead from "../ui/PageHead.vue";
import { counted } from "../ui/plural.ts";
import ProblemNote from "../ui/ProblemNote.vue";
import TextBox from "../ui/TextBox.vue";
import ShoppingRow from "./ShoppingRow.vue";
import { useAdding, useBringHome, useShopping } from "./use-shopping.ts";

/** What the accepted plan needs bought, as it is sold, and what else is to be brought. */
const session = useSession();
const { list, error, counters, ticked, changing, tick, remove, settled } = useShopping();
const { text, adding, add } = useAdding();
const { amounts, bringing, bringHome, setAmount, problemAt } = useBringHome(ticked, settled);
const paid = ref("");
const total = computed(() =>
  list.value && list.value.totalMinor > 0
    ? `About ${showMoney(list.value.totalMinor, session.currency)} by the price board.`
    : "",
);
const lead = computed(() =>
  list.value && list.value.items.length > 0
    ? `${counted(list.value.items.length, "thing")} to buy. ${total.value}`
    : "",
);
const files = [
  { name: "md", label: "Text file" },
  { name: "csv", label: "Spreadsheet" },
  { name: "ics", label: "To-do list" },
];
const print = (): void => window.print();
function home(): void {
  const minor = paid.value.trim() === "" ? null : readMoney(paid.value);
  if (minor === undefined) bringing.refuse("money-not-understood", "priceMinor");
  else void bringHome(minor);
}
</script>

<template>
  <PageHead title="Shopping list" :lead="lead">
    <a
      v-for="{ name, label } in files"
      :key="name"
      class="off-paper"
      :href="`/api/shopping/shopping.${name}`"
      download
      :data-testid="`shopping-${name}`"
      >{{ label }}</a
    >
    <Button class="off-paper" label="Print" severity="secondary" @click="print" />
  </PageHead>
  <p v-if="error" role="alert">{{ sentenceOf(error) }}</p>
  <ProblemNote :text="changing.sentence.value" />
  <form class="add off-paper" @submit.prevent="add">
    <FieldFrame label="Add something" for="shopping-text" :problem="adding.sentenceAt('text')">
      <TextBox id="shopping-text" v-model="text" data-testid="shopping-text" placeholder="2 lemons" />
    </FieldFrame>
    <Button type="submit" label="Add" :loading="adding.pending.value" data-testid="shopping-add" />
  </form>
  <ProblemNote :text="adding.sentence.value" />
  <EmptyState
    v-if="list && list.items.length === 0"
    title="Nothing to buy"
    text="Accept a plan in Match: what it needs beyond your basket and shelf is listed here."
    action="Match"
    to="/match"
  />
  <div class="counters">
    <section v-for="counter in counters" :key="counter.name" class="card" :aria-label="counter.name">
      <h2>{{ counter.name }}</h2>
      <ul>
        <ShoppingRow
          v-for="item in counter.items"
          :key="item.key"
          :item="item"
          :amount="amounts[item.key] ?? ''"
          :problem="problemAt(item)"
          @tick="tick(item, $event)"
          @remove="remove(item)"
          @amount="setAmount(item.key, $event)"
        />
      </ul>
    </section>
  </div>
  <section v-if="ticked.length > 0" class="card home off-paper" aria-labelledby="home">
    <h2 id="home">Back home</h2>
    <p class="soft small">
      {{ counted(ticked.length, "ticked thing becomes a lot", "ticked things become lots") }}, kept for the
      dishes that need them.
    </p>
    <FieldFrame
      label="Paid in all (optional)"
      for="shopping-paid"
      :problem="bringing.sentenceAt('priceMinor')"
    >
      <TextBox id="shopping-paid" v-model="paid" inputmode="decimal" />
    </FieldFrame>
    <Button
      label="Log what was bought"
      :loading="bringing.pending.value"
      data-testid="bring-home"
      @click="home"
    />
    <ProblemNote :text="bringing.sentence.value" />
  </section>
</template>

<style scoped>
.add {
  display: flex;
  gap: 0.6rem;
  align-items: end;
  max-width: 32rem;
  margin-bottom: 0.8rem;
}

.counters {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(24rem, 100%), 1fr));
  gap: 1rem;
  align-items: start;
}

.home {
  display: grid;
  gap: 0.6rem;
  justify-items: start;
  margin-top: 1rem;
}
</style>
