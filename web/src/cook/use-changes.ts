import type { TonightsChanges } from "@apron/contract";
import { noChanges } from "@apron/core/recipes";
import { ref, watch, type Ref } from "vue";
import { ApiProblem } from "../client/api.ts";
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

/**
 * A change that is refused is taken back at once, and what was wrong with it stays said until the next one: the page never gets
 * stuck on it. Changes kept from before that no longer fit, since the recipe was edited, go altogether.
 */
export function useRefusedChanges(draft: Ref<MakeDraft>, error: Readonly<Ref<unknown>>) {
  const refused = ref<ApiProblem>();
  let before: TonightsChanges = noChanges;
  let isTakingBack = false;
  watch(
    () => draft.value.changes,
    (_now, earlier) => {
      before = earlier;
      if (!isTakingBack) refused.value = undefined;
      isTakingBack = false;
    },
  );
  watch(
    error,
    (problem) => {
      if (!(problem instanceof ApiProblem) || problem.field !== "changes") return;
      refused.value = problem;
      isTakingBack = true;
      draft.value.changes = before;
      before = noChanges;
    },
    { immediate: true },
  );
  return refused;
}
