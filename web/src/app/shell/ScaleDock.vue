<script setup lang="ts">
import { Scale } from "@lucide/vue";
import Button from "primevue/button";
import { computed, ref } from "vue";
import { showGrams } from "@apron/core/measure";
import { useScale } from "../scale.ts";
import { useSession } from "../session.ts";

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
  if (!now.plugged) return "unplugged: type weights instead";
  if (!scale.connected) return "not connected";
  if (now.off) return "asleep: press Wake";
  if (now.overload) return `over ${showGrams(now.capacityG, session.display)}: take some off`;
  if (now.held) return "held";
  return now.stable ? "steady" : "settling…";
});
const canSend = computed(() => scale.steady() !== undefined);

function pileTyped(): void {
  const grams = Number(typed.value.replace(",", "."));
  if (grams >= 0 && grams <= 20_000) void scale.pile(grams);
}
</script>

<template>
  <section class="dock" aria-label="Kitchen scale">
    <div class="window">
      <p class="title"><Scale :size="14" aria-hidden="true" /> Scale · simulated</p>
      <p class="reading figure" data-testid="scale-reading">{{ display }}</p>
      <p class="state">{{ state }}</p>
    </div>
    <div class="keys">
      <Button label="Send" size="small" :disabled="!canSend" title="W sends it too" @click="scale.send()" />
      <Button
        v-if="scale.reading?.off"
        label="Wake"
        size="small"
        severity="secondary"
        @click="scale.press('wake')"
      />
      <Button v-else label="Tare" size="small" severity="secondary" @click="scale.press('tare')" />
      <Button
        :label="open ? 'Done' : 'Panel'"
        size="small"
        severity="secondary"
        :aria-expanded="open"
        @click="open = !open"
      />
    </div>
    <div v-if="open" class="piles">
      <p class="hint">Put produce on the simulated scale</p>
      <button v-for="g in piles" :key="g" type="button" @click="scale.pile(g)">{{ g }} g</button>
      <button type="button" @click="scale.pile(0)">clear</button>
      <form @submit.prevent="pileTyped">
        <label for="pile-grams" class="visually-hidden">Grams on the scale</label>
        <input id="pile-grams" v-model="typed" inputmode="decimal" placeholder="grams" />
        <button type="submit">put on</button>
      </form>
      <button type="button" :aria-pressed="scale.reading?.held ?? false" @click="scale.press('hold')">
        hold
      </button>
      <button type="button" @click="scale.press('unit')">
        {{ scale.reading?.unit === "oz" ? "to grams" : "to ounces" }}
      </button>
      <button type="button" @click="scale.press(scale.reading?.plugged === false ? 'plug' : 'unplug')">
        {{ scale.reading?.plugged === false ? "plug in" : "unplug" }}
      </button>
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

.keys {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
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

.piles button,
.piles input {
  min-height: 44px;
  padding: 0 0.6rem;
  font: inherit;
  font-size: 0.85rem;
  color: var(--bench-ink);
  background: var(--p-aubergine-700);
  border: 1px solid var(--bench-line);
  border-radius: var(--p-border-radius-sm);
}

.piles button[aria-pressed="true"] {
  border-color: var(--p-brass-300);
}

.piles input {
  width: 5rem;
  background: var(--p-aubergine-950);
}

.piles input::placeholder {
  color: var(--p-aubergine-200);
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
