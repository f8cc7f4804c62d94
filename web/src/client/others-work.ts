import type { EndpointName } from "@apron/contract";
import { defineStore } from "pinia";
import { shallowRef } from "vue";
import { useLive } from "./live.ts";
import { useRefresh } from "./queries.ts";

/** What the stream says of the kitchen: its revision, and of a write that was just made, who made which. */
type KitchenNews = {
  readonly revision: number;
  readonly by?: string;
  readonly act?: EndpointName | "";
  /** By this very session: on this tablet, if perhaps in another tab. */
  readonly mine?: boolean;
};

export type OthersAct = { readonly by: string; readonly act: EndpointName };

/** Several writes at once are one reason to ask again. */
const settleMs = 200;

/** What other tablets write: what is shown here is asked for again, and who changed what is kept until it was looked at. */
export const useOthersWork = defineStore("others-work", () => {
  const live = useLive();
  const refresh = useRefresh();
  const acts = shallowRef<readonly OthersAct[]>([]);
  let known: number | undefined;
  let waiting: ReturnType<typeof setTimeout> | undefined;

  function heard(data: unknown): void {
    const { revision, by, act, mine } = data as KitchenNews;
    const isNew = known !== undefined && revision > known;
    known = Math.max(known ?? 0, revision);
    // The tab that wrote asks again by itself, as soon as it has its answer.
    if (!isNew || (mine && document.hasFocus())) return;
    clearTimeout(waiting);
    waiting = setTimeout(() => void refresh(), settleMs);
    if (by && act && !mine) acts.value = [...acts.value, { by, act }];
  }
  let silence: (() => void) | undefined;
  const start = (): void => {
    silence ??= live.listen({ event: "kitchen", heard });
  };
  const stop = (): void => {
    silence?.();
    silence = undefined;
  };
  const forget = (seen: (one: OthersAct) => boolean): void => {
    acts.value = acts.value.filter((one) => !seen(one));
  };
  return { acts, start, stop, forget };
});
