<script setup lang="ts">
import type { Container } from "@apron/contract";
import { showGrams, showPortions } from "@apron/core/measure";
import Button from "primevue/button";
import { computed } from "vue";
import { useSession } from "../client/session.ts";
import BandMark from "../ui/BandMark.vue";
import { showDay } from "../ui/dates.ts";
import FoldOut from "../ui/FoldOut.vue";
import type { ContainerGroup } from "./container-groups.ts";

/** All jars of one dish in one place; taking some takes from the one that expires first. */
const props = defineProps<{ group: ContainerGroup }>();
const emit = defineEmits<{ take: [container: Container, fate: "eaten" | "given" | "discarded"] }>();
const session = useSession();
const kinds = computed(() => {
  const counts = new Map<string, number>();
  for (const { containerName } of props.group.members)
    counts.set(containerName, (counts.get(containerName) ?? 0) + 1);
  return [...counts].map(([name, count]) => `${count} × ${name}`).join(", ");
});
</script>

<template>
  <article class="row">
    <div>
      <h2>{{ group.next.name }}</h2>
      <p class="soft small">
        {{ kinds }} ·
        <RouterLink :to="`/batch/${group.next.batchId}`" :aria-label="`How ${group.next.name} was made`"
          >made {{ showDay(group.next.madeOn) }}</RouterLink
        ><template v-if="group.members.some((one) => one.isPlain)"> · some of it plain</template>
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
        data-testid="take-one"
        @click="emit('take', group.next, 'eaten')"
      />
      <Button
        v-if="group.next.mayBeEaten"
        label="Give"
        variant="text"
        severity="secondary"
        :aria-label="`Give away one portion of ${group.next.name}`"
        @click="emit('take', group.next, 'given')"
      />
      <Button
        label="Throw away"
        variant="text"
        severity="secondary"
        :aria-label="`Throw away one container of ${group.next.name}`"
        @click="emit('take', group.next, 'discarded')"
      />
      <RouterLink
        :to="`/label/${group.next.id}`"
        :aria-label="`Label of ${group.next.name}`"
        data-testid="label-link"
        >Label</RouterLink
      >
    </div>
    <FoldOut v-if="group.count > 1" :title="`All ${group.count} containers`" quiet class="all">
      <ul>
        <li v-for="one in group.members" :key="one.id" class="small">
          <span
            >{{ one.containerName }}{{ one.isPlain ? ", plain" : "" }},
            <RouterLink :to="`/batch/${one.batchId}`">made {{ showDay(one.madeOn) }}</RouterLink></span
          >
          <span class="figure">{{ showGrams(one.remainingG, session.display) }}</span>
          <span>use by {{ showDay(one.useBy) }}</span>
          <RouterLink :to="`/label/${one.id}`">Label</RouterLink>
          <Button
            label="Throw away"
            size="small"
            variant="text"
            severity="secondary"
            @click="emit('take', one, 'discarded')"
          />
        </li>
      </ul>
    </FoldOut>
  </article>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 9.5rem 9.6rem auto;
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
  gap: 0.1rem;
  align-items: center;
}

.acts > :deep(.p-button-text) {
  padding-inline: 0.6rem;
  color: var(--soft-ink);
}

.acts a {
  display: grid;
  place-items: center;
  min-height: 44px;
  padding-inline: 0.4rem;
}

.all {
  grid-column: 1 / -1;
}

.all li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 5rem 9rem auto auto;
  gap: 0.8rem;
  align-items: center;
}

@media (max-width: 820px) {
  .row {
    grid-template-columns: minmax(0, 1fr) auto;
  }

  .acts {
    grid-column: 1 / -1;
  }

  .all li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
