import type { BatchView } from "@apron/contract";
import { onMounted, type Ref } from "vue";
import { call } from "../client/api.ts";
import type { MakeDraft } from "./make-draft.ts";

/** What was typed of a batch, to be corrected: the same amounts of the same lots, the same changes and notes. */
function draftOfBatch({ madeOf, changes, ...batch }: BatchView): Partial<MakeDraft> {
  return {
    used: Object.fromEntries(
      madeOf.map(({ lineId, ingredient, lotId, grams }) => [
        `${lineId} ${ingredient} ${lotId ?? ""}`,
        String(grams),
      ]),
    ),
    take: madeOf.flatMap(({ lineId, lotId }) => (lotId ? [{ lineId, lotId }] : [])),
    weighed: batch.weighed ? `${batch.outputG} g` : "",
    ...{ changes, note: batch.note, nextTime: batch.nextTime },
  };
}

/** Fills an untouched draft with what a batch, taken back to be corrected, was made of. */
export function useAgain(draft: Ref<MakeDraft>, batchId: () => string | undefined): void {
  onMounted(async () => {
    const id = batchId();
    if (id === undefined || Object.keys(draft.value.used).length > 0) return;
    const batch = await call("getBatch", { params: { id } });
    draft.value = { ...draft.value, ...draftOfBatch(batch) };
  });
}
