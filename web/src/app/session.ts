import type { Session } from "@apron/contract";
import { defineStore } from "pinia";
import { computed, ref } from "vue";
import { ApiProblem, call } from "./api.ts";

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
  const units = computed(() => session.value?.kitchen.units ?? "metric");
  const dialect = computed(() => session.value?.kitchen.dialect ?? "uk");
  const cup = computed(() => session.value?.kitchen.cup ?? "us-customary");
  const currency = computed(() => session.value?.kitchen.currency ?? "GBP");
  return { session, asked, restore, opened, closed, units, dialect, cup, currency };
});
