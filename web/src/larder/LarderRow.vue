<script setup lang="ts">
import { Gift, Printer, Trash2 } from "@lucide/vue";
import { showGrams, showPortions } from "@apron/core/measure";
import Button from "primevue/button";
import { useSession } from "../app/session.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay } from "../ui/dates.ts";
import type { ContainerGroup } from "./container-groups.ts";

defineProps<{ group: ContainerGroup }>();
const emit = defineEmits<{ take: [fate: "eaten" | "given" | "discarded"] }>();
const session = useSession();
</script>

<template>
  <article class="row">
    <div>
      <h2>{{ group.next.name }}</h2>
      <p class="soft small">
        {{ group.count }} × {{ group.next.containerName }} · made {{ showDay(group.next.madeOn) }}
      </p>
    </div>
    <p>
      <span class="figure portions">{{ showPortions(group.portions) }}</span>
      <span class="soft small">portions · {{ showGrams(group.grams, session.display) }}</span>
    </p>
    <div class="date">
      <p :title="`${group.next.reason} (${group.next.source})`">
        use by <b class="figure">{{ showDay(group.next.useBy) }}</b>
      </p>
      <BandMark
        :band="group.next.band"
        :days-left="group.next.daysLeft"
        :cold="group.next.place === 'freezer'"
      />
    </div>
    <div class="acts">
      <Button
        v-if="group.next.mayBeEaten"
        label="Take one"
        :aria-label="`Take one portion of ${group.next.name}`"
        @click="emit('take', 'eaten')"
      />
      <button
        v-if="group.next.mayBeEaten"
        type="button"
        :aria-label="`Give away one portion of ${group.next.name}`"
        title="Give away"
        @click="emit('take', 'given')"
      >
        <Gift :size="20" aria-hidden="true" />
      </button>
      <button
        type="button"
        :aria-label="`Throw away one container of ${group.next.name}`"
        title="Throw away"
        @click="emit('take', 'discarded')"
      >
        <Trash2 :size="20" aria-hidden="true" />
      </button>
      <RouterLink :to="`/label/${group.next.id}`" :aria-label="`Label of ${group.next.name}`" title="Label">
        <Printer :size="20" aria-hidden="true" />
      </RouterLink>
    </div>
  </article>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1.7fr) minmax(8rem, 1fr) 10.5rem auto;
  gap: 0.3rem 1.1rem;
  align-items: center;
  padding: 0.6rem 0.2rem;
  border-bottom: 1px solid var(--line);
}

h2 {
  font-size: 1.1rem;
}

.portions {
  font-size: 1.5rem;
}

.date {
  display: grid;
  gap: 0.15rem;
  justify-items: start;
}

.acts {
  display: flex;
  gap: 0.3rem;
  align-items: center;
}

.acts > button:not(.p-button),
.acts a {
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  color: var(--ink);
  background: none;
  border: 1px solid transparent;
  border-radius: var(--p-border-radius-md);
  cursor: pointer;
}

.acts > button:not(.p-button):hover,
.acts a:hover {
  border-color: var(--line);
}

@media (max-width: 820px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .acts {
    grid-column: 1 / -1;
  }
}
</style>
