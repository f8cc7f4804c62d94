import type { Lot, LotDetail } from "@apron/contract";
import { computed, ref, type Ref } from "vue";
import { call } from "../../app/api.ts";
import { useNotices } from "../../app/notices.ts";
import { useSubmit } from "../../app/use-submit.ts";
import { useAmountReading } from "../use-amount-reading.ts";

type Done = { readonly lot: Lot; readonly entryId?: string };

/** One thing done to a lot: sent once, said once, with the way back where the server gave one. */
export function useLotAct<Reply extends Done | Lot>(fields: readonly string[] = []) {
  const notices = useNotices();
  const submission = useSubmit<Reply>(fields);
  async function act(
    send: (key: string) => Promise<Reply>,
    say: (reply: Reply) => string,
  ): Promise<Reply | undefined> {
    const reply = await submission.submit(send);
    if (!reply) return undefined;
    const entryId = "entryId" in reply ? reply.entryId : undefined;
    notices.say({
      text: say(reply),
      ...(entryId === undefined ? {} : { undo: () => call("undoEntry", { params: { id: entryId } }) }),
    });
    return reply;
  }
  return { act, submission };
}

/**
 * An amount of a lot as a cook says it, "1 bunch" or "200"; nothing typed means all that is left (null).
 * `grams` is undefined while what is typed cannot be read.
 */
export function useSomeOf(lot: Ref<LotDetail>) {
  const text = ref("");
  const reading = useAmountReading(() => lot.value.ingredient, text);
  const grams = computed<number | null | undefined>(() =>
    text.value.trim() === "" ? null : reading.value.weight?.grams.value,
  );
  const hint = computed(() => reading.value.words || "Empty means all that is left.");
  return { text, grams, hint, refused: computed(() => reading.value.refused) };
}
