import { call } from "../client/api.ts";
import { newId } from "../client/new-id.ts";
import { useNotices } from "../client/notices.ts";
import { useOutbox } from "../client/outbox-store.ts";
import { sentenceOf } from "../client/words.ts";

/** Records lots as trimmed at their expected yield: for the cook who trims now and does not weigh. */
export function useTrimFirst(): (lotIds: readonly string[]) => Promise<void> {
  const notices = useNotices();
  const outbox = useOutbox();
  async function trimOne(lotId: string): Promise<string | undefined> {
    const { lot, methods } = await call("trimOptions", { params: { id: lotId } });
    const [method] = methods;
    if (!method) return undefined;
    const body = { id: newId(), lotId, method: method.method, rawG: lot.grams, usableG: null };
    const outcome = await outbox.submit("recordTrim", { body }, `${lot.name} trimmed`);
    return outcome.kind === "refused" ? sentenceOf(outcome.problem) : undefined;
  }
  return async (lotIds) => {
    try {
      for (const lotId of new Set(lotIds)) {
        const refused = await trimOne(lotId);
        if (refused) return notices.say({ text: refused });
      }
      notices.say({ text: "Recorded with estimated weights. Weigh next time to improve the estimate." });
    } catch (error) {
      notices.say({ text: sentenceOf(error) });
    }
  };
}
