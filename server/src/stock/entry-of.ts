import type { Kit } from "../context/request-context.ts";
import type { EntryRecord } from "../context/ports/lot.store.ts";

type Movement = Pick<EntryRecord, "kind" | "grams"> &
  Partial<Pick<EntryRecord, "reason" | "trimId" | "batchId" | "undoes">>;

/** A movement of a lot, by whoever asks, now. */
export const entryOf = (kit: Kit, lotId: string, movement: Movement): EntryRecord => ({
  reason: "",
  trimId: null,
  batchId: null,
  undoes: null,
  ...movement,
  id: kit.newId(),
  lotId,
  at: kit.now,
  memberId: kit.asker.memberId,
});
