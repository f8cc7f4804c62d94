import { computed, onUnmounted, ref, watch, type ComputedRef } from "vue";
import { nextTask } from "./next-task.ts";

/**
 * As much of a list as has had its turn to be drawn: the first `size` at once, then as many again after each turn of the page.
 * A long list that is drawn all at once keeps a finger waiting.
 */
export function useInParts<Item>(list: () => readonly Item[], size: number): ComputedRef<readonly Item[]> {
  const drawn = ref(size);
  let isGone = false;
  async function drawTheRest(length: number): Promise<void> {
    while (drawn.value < length && !isGone) {
      await nextTask();
      drawn.value += size;
    }
  }
  watch(
    () => list().length,
    (length) => void drawTheRest(length),
    { immediate: true },
  );
  onUnmounted(() => (isGone = true));
  return computed(() => list().slice(0, drawn.value));
}
