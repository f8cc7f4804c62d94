import { usePreferredDark, useStorage } from "@vueuse/core";
import { computed, watchEffect } from "vue";

/** Day or evening: as the device says until somebody chooses. */
export function useLight() {
  const chosen = useStorage<"day" | "evening" | "system">("apron:light", "system");
  const prefersDark = usePreferredDark();
  const evening = computed(() =>
    chosen.value === "system" ? prefersDark.value : chosen.value === "evening",
  );
  watchEffect(() => document.documentElement.classList.toggle("evening", evening.value));
  const toggle = (): void => {
    chosen.value = evening.value ? "day" : "evening";
  };
  return { evening, toggle };
}
