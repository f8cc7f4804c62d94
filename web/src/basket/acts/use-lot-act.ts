import type { Lot, LotDetail, ReplyOf, RequestOf, WriteName } from "@apron/contract";
import { computed, type Ref } from "vue";
import { piecesOrGrams, untilRead, useAmountReading } from "../../catalogue/use-amount-reading.ts";
import { useNotices } from "../../client/notices.ts";
import { useDraft } from "../../client/use-draft.ts";
import { useSubmit } from "../../client/use-submit.ts";

type Done = { readonly lot: Lot; readonly entryId?: string };
/** Routes that answer with the lot as it is afterwards. */
type LotWrite = {
  [Name in WriteName]: ReplyOf<Name> extends Done | Lot ? Name : never;
}[WriteName];

/** One thing done to a lot: sent once, said once, with the way back where the server gave one. */
export function useLotAct(fields: readonly string[] = []) {
  const notices = useNotices();
  const submission = useSubmit(fields);
  async function act<Name extends LotWrite>(
    name: Name,
    request: RequestOf<Name>,
    say: (reply: ReplyOf<Name>) => string,
  ): Promise<ReplyOf<Name> | undefined> {
    const reply = await submission.submit(name, request);
    if (!reply) return undefined;
    const { entryId } = reply as Partial<Done>;
    notices.say({
      text: say(reply),
      ...(entryId === undefined ? {} : { undo: { name: "undoEntry", request: { params: { id: entryId } } } }),
    });
    return reply;
  }
  return { act, submission };
}

/**
 * An amount of a lot as a cook says it, "1 bunch" or "200"; nothing typed means all that is left (null).
 * `grams` is undefined while what is typed cannot be read. What is typed survives a reload.
 */
export function useSomeOf(lot: Ref<LotDetail>, what: string) {
  const { draft, clear } = useDraft(`${what}:${lot.value.id}`, () => ({ text: "", reason: "" }));
  const text = computed({ get: () => draft.value.text, set: (value) => (draft.value.text = value) });
  const reason = computed({ get: () => draft.value.reason, set: (value) => (draft.value.reason = value) });
  const reading = useAmountReading(
    () => lot.value.ingredient,
    text,
    () => ({
      pieceG: lot.value.pieces?.eachG,
      // There may be more than the book says: then the book is corrected.
      holdsG: what === "correct" ? undefined : lot.value.grams,
    }),
  );
  const grams = computed<number | null | undefined>(() =>
    text.value.trim() === "" ? null : reading.value.weight?.grams.value,
  );
  /** What is typed, once the ingredient's figures are there to read it by: a tap before that waits for them. */
  async function settled(): Promise<number | null | undefined> {
    await untilRead(() => reading.value.isPending);
    return grams.value;
  }
  const hint = computed(() => reading.value.words || "Leave empty for all of it.");
  const bare = computed(() => reading.value.bare);
  /** Why there are no grams of what is typed: it can be read two ways, or not at all. */
  const unread = () =>
    bare.value ? piecesOrGrams(bare.value) : ({ code: "amount-not-understood", text: text.value } as const);
  const refused = computed(() => reading.value.refused);
  return { text, reason, grams, settled, hint, bare, unread, refused, clear };
}
