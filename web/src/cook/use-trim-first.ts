import { call } from "../app/api.ts";
import { useNotices } from "../app/notices.ts";
import { sentenceOf } from "../app/words.ts";

/** Records lots as trimmed at their expected yield: for the cook who trims now and does not weigh. */
export function useTrimFirst(): (lotIds: readonly string[]) => Promise<void> {
  const notices = useNotices();
  const trimOne = async (lotId: string): Promise<void> => {
    const { lot, methods } = await call("trimOptions", { params: { id: lotId } });
    const usual = methods[0];
    if (!usual) return;
    const body = { id: crypto.randomUUID(), lotId, method: usual.method, rawG: lot.grams, usableG: null };
    await call("recordTrim", { body });
  };
  return async (lotIds) => {
    try {
      for (const lotId of new Set(lotIds)) await trimOne(lotId);
      notices.say({ text: "Recorded at the expected yield. Weighing next time makes it better." });
    } catch (error) {
      notices.say({ text: sentenceOf(error) });
    }
  };
}
