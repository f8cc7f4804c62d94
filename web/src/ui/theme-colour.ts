import { useMutationObserver } from "@vueuse/core";
import { ref, type Ref } from "vue";

/**
 * A colour of the theme as it stands now, followed by day and by evening. Only read: a value written back into the page
 * would keep the day's colour in the evening.
 */
export function useThemeColour(name: `--${string}`): Readonly<Ref<string>> {
  const root = document.documentElement;
  const read = (): string => getComputedStyle(root).getPropertyValue(name).trim();
  const colour = ref(read());
  useMutationObserver(root, () => (colour.value = read()), { attributes: true, attributeFilter: ["class"] });
  return colour;
}
