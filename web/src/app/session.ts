import type { Session } from "@apron/contract";
import type { Display } from "@apron/core/measure";
import { defineStore } from "pinia";
import { computed, ref, watch } from "vue";
import { useLocale } from "../ui/dates.ts";
import { ApiProblem, call } from "./api.ts";
import { speakIn } from "./words.ts";

/** Who is signed in, and how their kitchen reads numbers. */
export const useSession = defineStore("session", () => {
  const session = ref<Session | null>(null);
  const asked = ref(false);

  async function restore(): Promise<void> {
    asked.value = true;
    try {
      session.value = await call("currentSession", {});
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error;
      session.value = null;
    }
  }
  const opened = (fresh: Session): void => {
    session.value = fresh;
    asked.value = true;
  };
  const closed = (): void => {
    session.value = null;
  };
  /** Units and locale, as numbers are shown in this kitchen. */
  const display = computed<Display>(() => ({
    system: session.value?.kitchen.units ?? "metric",
    locale: session.value?.kitchen.locale ?? "en-GB",
  }));
  const ounces = computed(() => session.value?.kitchen.ounces ?? {});
  watch(
    display,
    (now) => {
      useLocale(now.locale);
      speakIn(now);
    },
    { immediate: true },
  );
  const dialect = computed(() => session.value?.kitchen.dialect ?? "uk");
  const cup = computed(() => session.value?.kitchen.cup ?? "us-customary");
  const currency = computed(() => session.value?.kitchen.currency ?? "GBP");
  return { session, asked, restore, opened, closed, display, ounces, dialect, cup, currency };
});
