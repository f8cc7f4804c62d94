<script setup lang="ts">
import {
  BookOpenText,
  CookingPot,
  Droplets,
  LibraryBig,
  LogOut,
  Moon,
  Refrigerator,
  Scissors,
  Settings2,
  ShoppingBasket,
  Sun,
} from "@lucide/vue";
import { usePreferredDark, useStorage } from "@vueuse/core";
import { computed, watchEffect } from "vue";
import { useRouter } from "vue-router";
import { call } from "../api.ts";
import { useToday } from "../queries.ts";
import { useSession } from "../session.ts";

const router = useRouter();
const session = useSession();
const { data: today } = useToday();

const stations = computed(() => {
  const waiting = today.value?.waiting;
  return [
    { to: "/", label: "Today", icon: Sun, count: 0, waits: "", phone: true },
    {
      to: "/basket",
      label: "Basket",
      icon: ShoppingBasket,
      count: waiting?.basket ?? 0,
      waits: "to use now",
      phone: true,
    },
    {
      to: "/trim",
      label: "Trim",
      icon: Scissors,
      count: waiting?.trim ?? 0,
      waits: "still raw",
      phone: true,
    },
    {
      to: "/match",
      label: "Match",
      icon: CookingPot,
      count: waiting?.match ?? 0,
      waits: "dishes fit",
      phone: true,
    },
    {
      to: "/larder",
      label: "Larder",
      icon: Refrigerator,
      count: waiting?.larder ?? 0,
      waits: "due soon",
      phone: true,
    },
    { to: "/recipes", label: "Recipes", icon: BookOpenText, count: 0, waits: "", phone: false },
    { to: "/dressing", label: "Dressing", icon: Droplets, count: 0, waits: "", phone: false },
    { to: "/handbook", label: "Handbook", icon: LibraryBig, count: 0, waits: "", phone: false },
  ];
});

const chosen = useStorage<"day" | "evening" | "system">("apron:light", "system");
const prefersDark = usePreferredDark();
const evening = computed(() => (chosen.value === "system" ? prefersDark.value : chosen.value === "evening"));
watchEffect(() => document.documentElement.classList.toggle("evening", evening.value));

async function signOut(): Promise<void> {
  await call("signOut", {});
  // A fresh page: nothing of one cook's kitchen stays in memory for the next.
  window.location.assign(router.resolve("/sign-in").href);
}
</script>

<template>
  <nav aria-label="Stations">
    <p class="brand">Apron Plate</p>
    <p class="kitchen">
      <RouterLink to="/kitchen" :title="`${session.session?.kitchen.name}: units, names, currency`"
        >{{ session.session?.kitchen.name }} <Settings2 :size="14" aria-hidden="true"
      /></RouterLink>
    </p>
    <ul>
      <li v-for="s in stations" :key="s.to" :class="{ 'not-on-phone': !s.phone }">
        <RouterLink
          :to="s.to"
          class="station"
          :exact-active-class="s.to === '/' ? 'here' : ''"
          :active-class="s.to === '/' ? '' : 'here'"
        >
          <component :is="s.icon" :size="20" aria-hidden="true" />
          <span class="label">{{ s.label }}</span>
          <span v-if="s.count > 0" class="count figure"
            >{{ s.count }}<span class="waits">&nbsp;{{ s.waits }}</span></span
          >
        </RouterLink>
      </li>
    </ul>
    <div class="foot">
      <button type="button" @click="chosen = evening ? 'day' : 'evening'">
        <component :is="evening ? Sun : Moon" :size="16" aria-hidden="true" />
        {{ evening ? "Day" : "Evening" }}
      </button>
      <button type="button" @click="signOut"><LogOut :size="16" aria-hidden="true" /> Sign out</button>
    </div>
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

.kitchen a {
  display: inline-flex;
  gap: 0.4rem;
  align-items: center;
  min-height: 1.6rem;
  color: inherit;
}

.station {
  display: grid;
  grid-template-columns: 20px 1fr;
  column-gap: 0.75rem;
  align-items: center;
  min-height: 48px;
  padding: 0.3rem 0.6rem;
  border-radius: var(--p-border-radius-md);
  color: inherit;
  text-decoration: none;
}

.station:hover {
  background: var(--p-aubergine-700);
}

.here {
  background: var(--p-linen-100);
  color: var(--p-aubergine-900);
}

.here:hover {
  background: var(--p-linen-50);
}

.label {
  font-weight: 600;
}

.count {
  grid-column: 2;
  font-size: 0.8rem;
  font-weight: 600;
  margin-top: -0.35rem;
  color: var(--p-brass-300);
}

.here .count {
  color: var(--p-brass-700);
}

.waits {
  font-weight: 450;
}

.foot {
  display: flex;
  gap: 0.2rem;
  margin-top: 0.8rem;
}

.foot button {
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

@media (max-width: 820px) {
  .brand,
  .kitchen,
  .foot,
  .not-on-phone,
  .waits {
    display: none;
  }

  ul {
    display: flex;
    justify-content: space-around;
  }

  .station {
    grid-template-columns: 1fr;
    justify-items: center;
    position: relative;
    padding: 0.2rem 0.7rem;
    font-size: 0.75rem;
  }

  .count {
    position: absolute;
    top: 0.1rem;
    right: 0;
  }
}
</style>
