import { useEventListener } from "@vueuse/core";
import { ref, type Ref } from "vue";
import { useRouter } from "vue-router";
import { useScale } from "../client/scale.ts";

export const shortcuts: readonly { readonly keys: string; readonly does: string; readonly to?: string }[] = [
  { keys: "W", does: "Take the weight from the scale" },
  { keys: "1", does: "Today", to: "/" },
  { keys: "2", does: "Basket", to: "/basket" },
  { keys: "3", does: "Trim", to: "/trim" },
  { keys: "4", does: "Match", to: "/match" },
  { keys: "5", does: "Plan", to: "/plan" },
  { keys: "6", does: "Larder", to: "/larder" },
  { keys: "7", does: "Recipes", to: "/recipes" },
  { keys: "8", does: "Dressing", to: "/dressing" },
  { keys: "9", does: "Handbook", to: "/handbook" },
  { keys: "0", does: "Kitchen settings", to: "/kitchen" },
  { keys: "?", does: "Show this list" },
];

const isTyping = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ["INPUT", "TEXTAREA", "SELECT"].includes(target.tagName));

/** Keys that work wherever nothing is being typed. A focused weight field takes W itself. */
export function useShortcuts(): { readonly listOpen: Ref<boolean> } {
  const router = useRouter();
  const scale = useScale();
  const listOpen = ref(false);
  useEventListener(window, "keydown", (event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
    if (event.key.toLowerCase() === "w") scale.send();
    if (event.key === "?") listOpen.value = !listOpen.value;
    const to = shortcuts.find((s) => s.keys === event.key)?.to;
    if (to) void router.push(to);
  });
  return { listOpen };
}
