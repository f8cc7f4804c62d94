import type { Lot } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import { useNotices } from "../client/notices.ts";
import { useSession } from "../client/session.ts";
import { useSubmit } from "../client/use-submit.ts";

/** Records what is left of a lot as spoiled, with the way back. */
export function useGoneOff(): (lot: Lot) => Promise<void> {
  const notices = useNotices();
  const session = useSession();
  const { submit, sentence } = useSubmit();
  return async (lot) => {
    const request = { params: { id: lot.id }, body: {} };
    const done = await submit("goneOff", request, `${lot.name} spoiled`);
    if (done)
      notices.say({
        text: `${showGrams(-done.changedG, session.display)} ${lot.name} recorded as spoiled.`,
        undo: { name: "undoEntry", request: { params: { id: done.entryId } } },
      });
    else if (sentence.value) notices.say({ text: sentence.value });
  };
}
