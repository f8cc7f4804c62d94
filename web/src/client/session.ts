import type { Session } from "@apron/contract";
import type { Display } from "@apron/core/measure";
import { usualPlaces } from "@apron/core/plan";
import { defineStore } from "pinia";
import { computed, ref, watch, type Ref } from "vue";
import { useLocale, useTimeZone } from "../ui/dates.ts";
import { ApiProblem, call } from "./api.ts";
import { speakIn } from "./words.ts";

/** Numbers, days and sentences follow the kitchen that is signed in to. */
function followKitchen(kitchen: Ref<Session["kitchen"] | undefined>): Ref<Display> {
  const display = computed<Display>(() => ({
    system: kitchen.value?.units ?? "metric",
    locale: kitchen.value?.locale ?? "en-GB",
  }));
  watch(
    display,
    (now) => {
      useLocale(now.locale);
      speakIn(now);
    },
    { immediate: true },
  );
  watch(
    () => kitchen.value?.timeZone,
    (zone) => {
      if (zone) useTimeZone(zone);
    },
    { immediate: true },
  );
  return display;
}

/** How a kitchen weighs, names and pays, with what holds before one is signed in to. */
const settingsOf = (kitchen: Ref<Session["kitchen"] | undefined>) => ({
  ounces: computed(() => kitchen.value?.ounces ?? {}),
  meanings: computed(() => kitchen.value?.meanings ?? {}),
  dialect: computed(() => kitchen.value?.dialect ?? "uk"),
  cup: computed(() => kitchen.value?.cup ?? "us-customary"),
  currency: computed(() => kitchen.value?.currency ?? "GBP"),
  places: computed(() => kitchen.value?.places ?? usualPlaces),
  timeZone: computed(() => kitchen.value?.timeZone ?? "UTC"),
  hasScale: computed(() => kitchen.value?.scale === "simulated"),
});

/** Who is signed in, and how their kitchen reads numbers. */
export const useSession = defineStore("session", () => {
  const session = ref<Session | null>(null);
  const asked = ref(false);
  const opened = (fresh: Session): void => {
    session.value = fresh;
    asked.value = true;
  };
  const closed = (): void => {
    session.value = null;
  };
  async function restore(): Promise<void> {
    asked.value = true;
    try {
      session.value = await call("currentSession", {});
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      closed();
    }
  }
  const kitchen = computed(() => session.value?.kitchen);
  const display = followKitchen(kitchen);
  return { session, asked, restore, opened, closed, display, ...settingsOf(kitchen) };
});
