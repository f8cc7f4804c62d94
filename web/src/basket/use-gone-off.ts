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
  return async (lot) => {
    try {
      const { changedG, entryId } = await call("goneOff", { params: { id: lot.id }, body: {} });
      notices.say({
        text: `${showGrams(-changedG, session.display)} ${lot.name} recorded as spoiled.`,
        undo: () => call("undoEntry", { params: { id: entryId } }),
      });
    } catch (error) {
      notices.say({ text: sentenceOf(error) });
    }
    await refresh();
  };
}
