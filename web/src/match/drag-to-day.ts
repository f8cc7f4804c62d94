import Sortable from "sortablejs";
import type { Directive } from "vue";

export type Dropped = { readonly recipeId: string; readonly from: number; readonly to: number };

const sortables = new WeakMap<HTMLElement, Sortable>();
const dayOf = (list: HTMLElement): number => Number(list.dataset["day"]);

/**
 * The dishes of a day, to be dragged by their handle to another. The page stays as it was until the plan is worked out
 * again: what is dropped goes back to where it lay.
 */
export const vDragToDay: Directive<HTMLElement, (dropped: Dropped) => void> = {
  mounted(list, { value: drop }) {
    const sortable = Sortable.create(list, {
      ...{ group: "days", handle: "[data-grip]", draggable: "[data-recipe]", sort: false, animation: 120 },
      ...{ delay: 120, delayOnTouchOnly: true },
      onEnd: ({ item, from, to, oldIndex }) => {
        if (from === to) return;
        from.insertBefore(item, from.children[oldIndex ?? 0] ?? null);
        drop({ recipeId: item.dataset["recipe"] ?? "", from: dayOf(from), to: dayOf(to) });
      },
    });
    sortables.set(list, sortable);
  },
  beforeUnmount(list) {
    sortables.get(list)?.destroy();
  },
};
