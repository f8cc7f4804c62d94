import type { Lot } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { useRefresh } from "../app/queries.ts";
import { useSession } from "../app/session.ts";
import { sentenceOf } from "../app/words.ts";

/** Records what is left of a lot as spoiled, with the way back. */
export function useGoneOff(): (lot: Lot) => Promise<void> {
  const notices = useNotices();
  const session = useSession();
  const refresh = useRefresh();
  const putBack = async (lot: Lot, grams: number): Promise<void> => {
    await call("correctLot", {
      params: { id: lot.id },
      body: { deltaG: grams, reason: "not gone off after all" },
    });
  };
  return async (lot) => {
    try {
      const { changedG } = await call("goneOff", { params: { id: lot.id }, body: {} });
      notices.say({
        text: `${showGrams(-changedG, session.display)} ${lot.name} recorded as spoiled.`,
        undo: () => putBack(lot, -changedG),
      });
    } catch (error) {
      notices.say({ text: sentenceOf(error) });
    }
    await refresh();
  };
}
