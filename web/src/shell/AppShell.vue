<script setup lang="ts">
import ConfirmDialog from "primevue/confirmdialog";
import { onUnmounted, watch } from "vue";
import { useRoute } from "vue-router";
import { useOthersWork } from "../client/others-work.ts";
import { useScale } from "../client/scale.ts";
import { useShortcuts } from "./shortcuts.ts";
import { useSession } from "../client/session.ts";
import InTurn from "../ui/InTurn.vue";
import OutboxNote from "./OutboxNote.vue";
import ScaleDock from "./ScaleDock.vue";
import ShortcutList from "./ShortcutList.vue";
import StationRail from "./StationRail.vue";

const route = useRoute();
const scale = useScale();
const { listOpen } = useShortcuts();
const session = useSession();
/** A kitchen without a scale has none on its screens, and asks for no readings. */
watch(
  () => session.hasScale,
  (has) => {
    if (has) scale.start();
    else scale.stop();
  },
  { immediate: true },
);
onUnmounted(scale.stop);
const others = useOthersWork();
others.start();
onUnmounted(others.stop);
</script>

<template>
  <a class="skip" href="#work">Skip to content</a>
  <div class="shell">
    <div class="bench">
      <StationRail />
      <div class="dock">
        <OutboxNote />
        <ScaleDock v-if="session.hasScale" />
      </div>
    </div>
    <main id="work" tabindex="-1" :data-page="String(route.name)">
      <InTurn><slot /></InTurn>
    </main>
  </div>
  <ShortcutList v-model="listOpen" />
  <ConfirmDialog />
</template>

<style scoped>
.shell {
  display: grid;
  grid-template-columns: 212px minmax(0, 1fr);
  min-height: 100vh;
}

.bench {
  position: sticky;
  top: 0;
  height: 100vh;
  display: flex;
  flex-direction: column;
  justify-content: space-between;
  gap: 1rem;
  padding: 1.1rem 0.8rem 0.9rem;
  background: var(--bench);
  color: var(--bench-ink);
  overflow-y: auto;
}

.dock {
  display: grid;
  gap: 0.6rem;
}

main {
  padding: 1.4rem 1.8rem 4.5rem;
  max-width: 1320px;
  outline: none;
}

.skip {
  position: absolute;
  left: -999px;
}

.skip:focus {
  left: 1rem;
  top: 1rem;
  z-index: 10;
  padding: 0.5rem 1rem;
  background: var(--card);
}

@media (max-width: 820px) {
  .shell {
    display: block;
  }

  .bench {
    position: fixed;
    inset: auto 0 0 0;
    top: auto;
    z-index: 5;
    height: auto;
    padding: 0.25rem 0.4rem;
    flex-direction: column-reverse;
    gap: 0.25rem;
  }

  main {
    padding: 1rem 0.9rem 11rem;
  }
}

@media print {
  .shell {
    display: block;
  }

  .bench,
  .skip {
    display: none;
  }

  main {
    padding: 0;
  }
}
</style>
