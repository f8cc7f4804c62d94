import type { RequestContext } from "../context/request-context.ts";
import type { EntryRecord } from "../context/ports/lot.store.ts";

type Movement = Pick<EntryRecord, "kind" | "grams"> &
  Partial<Pick<EntryRecord, "reason" | "trimId" | "batchId" | "undoes">>;

/** A movement of a lot, by whoever asks, now. */
export const entryOf = (context: RequestContext, lotId: string, movement: Movement): EntryRecord => ({
  reason: "",
  trimId: null,
  batchId: null,
  undoes: null,
  ...movement,
  id: context.newId(),
  lotId,
  at: context.now,
  memberId: context.session.memberId,
});
