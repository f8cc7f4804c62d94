<script setup lang="ts">
import { Scale } from "@lucide/vue";
import Button from "primevue/button";
import TextBox from "../ui/TextBox.vue";
import { computed, ref } from "vue";
import { showGrams } from "@apron/core/measure";
import { typedNumber } from "../ui/typed-number.ts";
import { useScale } from "../client/scale.ts";
import { useSession } from "../client/session.ts";

const scale = useScale();
const session = useSession();
const open = ref(false);
const typed = ref("");
const piles = [120, 430, 790, 1240];

const display = computed(() => {
  const now = scale.reading;
  if (!scale.connected || !now) return "– – –";
  if (now.off) return "off";
  return now.overload ? "too heavy" : now.shown;
});
const state = computed(() => {
  const now = scale.reading;
  if (!now) return "not connected";
  if (!now.plugged) return "unplugged: type weights";
  if (!scale.connected) return "not connected";
  if (now.off) return "off: press Wake";
  if (now.overload) return `over ${showGrams(now.capacityG, session.display)}: take some off`;
  if (now.held) return "held";
  return now.stable ? "steady" : "settling…";
});
const canSend = computed(() => scale.steady() !== undefined);

function pileTyped(): void {
  const grams = typedNumber(typed.value) ?? -1;
  if (grams >= 0 && grams <= 20_000) void scale.pile(grams);
}
</script>

<template>
  <section class="dock" aria-label="Kitchen scale" data-testid="scale-dock">
    <div class="window">
      <p class="title"><Scale :size="14" aria-hidden="true" /> Scale · simulated</p>
      <p class="reading figure" data-testid="scale-reading">{{ display }}</p>
      <p class="state">{{ state }}</p>
    </div>
    <div class="keys">
      <Button
        label="Use weight"
        data-testid="use-weight"
        size="small"
        :disabled="!canSend"
        title="Shortcut: W"
        @click="scale.send()"
      />
      <Button
        v-if="scale.reading?.off"
        label="Wake"
        size="small"
        severity="secondary"
        @click="scale.press('wake')"
      />
      <Button v-else label="Tare" size="small" severity="secondary" @click="scale.press('tare')" />
      <Button
        :label="open ? 'Close' : 'Simulate'"
        data-testid="simulate-scale"
        size="small"
        severity="secondary"
        :aria-expanded="open"
        @click="open = !open"
      />
    </div>
    <div v-if="open" class="piles">
      <p class="hint">Put something on the simulated scale</p>
      <Button
        v-for="g in piles"
        :key="g"
        :label="`${g} g`"
        size="small"
        severity="secondary"
        @click="scale.pile(g)"
      />
      <Button label="Clear" size="small" severity="secondary" @click="scale.pile(0)" />
      <form @submit.prevent="pileTyped">
        <label for="pile-grams" class="visually-hidden">Grams on the scale</label>
        <TextBox id="pile-grams" v-model="typed" inputmode="decimal" placeholder="grams" />
        <Button type="submit" label="Put on" size="small" severity="secondary" />
      </form>
      <Button
        label="Hold"
        size="small"
        severity="secondary"
        :aria-pressed="scale.reading?.held ?? false"
        @click="scale.press('hold')"
      />
      <Button
        :label="scale.reading?.unit === 'oz' ? 'To grams' : 'To ounces'"
        data-testid="scale-unit"
        size="small"
        severity="secondary"
        @click="scale.press('unit')"
      />
      <Button
        :label="scale.reading?.plugged === false ? 'Plug in' : 'Unplug'"
        data-testid="plug-scale"
        size="small"
        severity="secondary"
        @click="scale.press(scale.reading?.plugged === false ? 'plug' : 'unplug')"
      />
    </div>
  </section>
</template>

<style scoped>
.dock {
  display: grid;
  gap: 0.5rem;
}

.window {
  padding: 0.55rem 0.75rem 0.6rem;
  border: 1px solid var(--bench-line);
  border-radius: var(--p-border-radius-md);
  background: var(--p-aubergine-950);
}

.title {
  display: flex;
  align-items: center;
  gap: 0.35rem;
  font-size: 0.75rem;
  color: var(--p-aubergine-200);
}

.reading {
  font-size: 1.9rem;
  line-height: 1.2;
}

.state {
  font-size: 0.75rem;
  color: var(--p-aubergine-200);
}

.keys > :deep(:first-child) {
  grid-column: 1 / -1;
}

.keys {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.3rem;
}

.keys :deep(.p-button) {
  padding-inline: 0.2rem;
}

.piles {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem;
}

.hint {
  width: 100%;
  font-size: 0.75rem;
  color: var(--p-aubergine-200);
}

.piles :deep(.p-inputtext) {
  width: 5.5rem;
}

form {
  display: flex;
  gap: 0.3rem;
}

@media (max-width: 820px) {
  .dock {
    grid-template-columns: 1fr auto;
    align-items: center;
  }

  .window {
    display: flex;
    align-items: baseline;
    gap: 0.6rem;
    padding: 0.15rem 0.6rem;
  }

  .title {
    display: none;
  }

  .reading {
    font-size: 1.3rem;
  }

  .piles {
    grid-column: 1 / -1;
  }
}
</style>
