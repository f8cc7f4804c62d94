<script setup lang="ts">
import { Ellipsis, LogOut, Moon, Sun } from "@lucide/vue";
import Drawer from "primevue/drawer";
import { computed, ref, watch } from "vue";
import { useRoute } from "vue-router";
import { useToday } from "../client/queries.ts";
import { useSession } from "../client/session.ts";
import { nounFor } from "../ui/plural.ts";
import StationLink from "./StationLink.vue";
import { stations, type Station } from "./stations.ts";
import { useLight } from "./use-light.ts";
import { useStationNews } from "./use-station-news.ts";
import { useSignOut } from "../kitchen/use-sign-out.ts";

/** The stations: a rail at the left, on a phone four at the foot and the others under More. */
const session = useSession();
const route = useRoute();
const { data: today } = useToday();
const { evening, toggle } = useLight();
const signOut = useSignOut();
const more = ref(false);
const { changedAt, lookAt } = useStationNews();
watch(
  () => route.fullPath,
  () => {
    more.value = false;
    lookAt(route.path);
  },
);
const shown = computed(() => stations.map((station) => ({ station, due: dueAt(station) })));
function dueAt({ due }: Station): { count: number; words: string } | undefined {
  const count = due && today.value ? due.of(today.value.waiting) : 0;
  return due && count > 0 ? { count, words: nounFor(count, due.one, due.many) } : undefined;
}
const rest = computed(() => shown.value.filter(({ station }) => !station.first));
</script>

<template>
  <nav aria-label="Stations" data-testid="stations">
    <p class="brand">Apron Plate</p>
    <p class="kitchen">{{ session.session?.kitchen.name }}</p>
    <ul class="rail">
      <li v-for="{ station, due } in shown" :key="station.to" :class="{ 'not-on-phone': !station.first }">
        <StationLink :station="station" :due="due" :changed-by="changedAt(station.to)" />
      </li>
      <li class="phone-only">
        <button type="button" class="more" data-testid="more" :aria-expanded="more" @click="more = true">
          <Ellipsis :size="20" aria-hidden="true" /> More
        </button>
      </li>
    </ul>
    <div class="foot not-on-phone">
      <button type="button" @click="toggle">
        <component :is="evening ? Sun : Moon" :size="16" aria-hidden="true" />
        {{ evening ? "Day" : "Evening" }}
      </button>
      <button type="button" data-testid="sign-out" @click="signOut">
        <LogOut :size="16" aria-hidden="true" /> Sign out
      </button>
    </div>
    <Drawer v-model:visible="more" position="bottom" header="More" class="more-sheet">
      <ul class="sheet">
        <li v-for="{ station, due } in rest" :key="station.to">
          <StationLink :station="station" :due="due" :changed-by="changedAt(station.to)" wide />
        </li>
        <li>
          <button type="button" @click="toggle">
            <component :is="evening ? Sun : Moon" :size="20" aria-hidden="true" />
            {{ evening ? "Day colours" : "Evening colours" }}
          </button>
        </li>
        <li>
          <button type="button" data-testid="sign-out" @click="signOut">
            <LogOut :size="20" aria-hidden="true" /> Sign out
          </button>
        </li>
      </ul>
    </Drawer>
  </nav>
</template>

<style scoped>
.brand {
  font: 600 1.35rem/1 var(--display);
  padding: 0 0.5rem;
}

.kitchen {
  padding: 0.3rem 0.5rem 1rem;
  font-size: 0.8rem;
  color: var(--p-aubergine-200);
}

.foot {
  display: flex;
  gap: 0.2rem;
  margin-top: 0.8rem;
}

.foot button,
.more {
  display: flex;
  align-items: center;
  gap: 0.35rem;
  min-height: 44px;
  padding: 0 0.5rem;
  font: inherit;
  font-size: 0.8rem;
  color: var(--p-aubergine-100);
  background: none;
  border: 0;
  cursor: pointer;
}

.phone-only {
  display: none;
}

.sheet {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 0.3rem;
}

.sheet button {
  display: flex;
  gap: 0.75rem;
  align-items: center;
  width: 100%;
  min-height: 52px;
  padding: 0 0.6rem;
  font: inherit;
  font-weight: 600;
  color: inherit;
  background: none;
  border: 0;
}

@media (max-width: 820px) {
  .brand,
  .kitchen,
  .not-on-phone {
    display: none;
  }

  .phone-only {
    display: block;
  }

  .rail {
    display: flex;
    justify-content: space-around;
  }

  .more {
    display: grid;
    justify-items: center;
    gap: 0.1rem;
    min-height: 48px;
    font-size: 0.75rem;
    font-weight: 600;
  }
}
</style>

<style>
.more-sheet.p-drawer {
  height: auto !important;
}
</style>
