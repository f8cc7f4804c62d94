import { computed, onUnmounted, ref, watch, type ComputedRef } from "vue";
import { nextTask } from "./next-task.ts";

/**
 * As much of a list as has had its turn to be drawn: the first `size` at once, then as many again after each turn of the page.
 * A long list that is drawn all at once keeps a finger waiting.
 */
export function useInParts<Item>(list: () => readonly Item[], size: number): ComputedRef<readonly Item[]> {
  const drawn = ref(size);
  let isDrawing = false;
  let isGone = false;
  const isMore = () => drawn.value < list().length && !isGone;
  async function drawTheRest(): Promise<void> {
    if (isDrawing) return;
    isDrawing = true;
    while (isMore()) {
      await nextTask();
      drawn.value += size;
    }
    isDrawing = false;
  }
  watch(
    () => list().length,
    () => void drawTheRest(),
    { immediate: true },
  );
  onUnmounted(() => (isGone = true));
  return computed(() => list().slice(0, drawn.value));
}
