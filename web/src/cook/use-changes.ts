import type { TonightsChanges } from "@apron/contract";
import type { Ref } from "vue";
import { joinedBy, type MakeDraft } from "./make-draft.ts";

type Joined = Omit<TonightsChanges["joined"][number], "id">;

/** What is done otherwise this once, as the cook says it; kept with the draft of the make. */
export function useChanges(draft: Ref<MakeDraft>) {
  const change = (more: Partial<TonightsChanges>): void => {
    draft.value.changes = { ...draft.value.changes, ...more };
  };
  const swapLine = (lineId: string, ingredient: string): void => {
    const others = draft.value.changes.swaps.filter((one) => one.lineId !== lineId);
    change({ swaps: [...others, { lineId, ingredient }] });
  };
  const leaveOut = (lineId: string): void =>
    change({ leftOut: [...draft.value.changes.leftOut.filter((one) => one !== lineId), lineId] });
  /** As in the recipe again: what was swapped, left out or joined. */
  function unchange(lineId: string): void {
    const { swaps, joined, leftOut } = draft.value.changes;
    change({
      swaps: swaps.filter((one) => one.lineId !== lineId),
      joined: joined.filter((one) => one.id !== lineId),
      leftOut: leftOut.filter((one) => one !== lineId),
    });
  }
  const join = (one: Joined): void => {
    draft.value.changes = joinedBy(draft.value.changes, one);
  };
  return { swapLine, leaveOut, unchange, join };
}
