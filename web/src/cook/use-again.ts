import type { BatchView } from "@apron/contract";
import { toMilligram } from "@apron/core/measure";
import { onMounted, type Ref } from "vue";
import { call } from "../client/api.ts";
import { newId } from "../client/new-id.ts";
import type { KeptDraft, MakeDraft } from "./make-draft.ts";

/** Grams by line, ingredient and lot: of the dish and of what was kept by itself of its parts. */
function usedIn(madeOf: BatchView["madeOf"]): Record<string, string> {
  const grams = new Map<string, number>();
  for (const { lineId, ingredient, lotId, grams: g } of madeOf) {
    const key = `${lineId} ${ingredient} ${lotId ?? ""}`;
    grams.set(key, toMilligram((grams.get(key) ?? 0) + g));
  }
  return Object.fromEntries([...grams].map(([key, g]) => [key, String(g)]));
}

/** What was kept by itself, as it would be typed. */
const keptAgain = (parts: readonly BatchView[]): MakeDraft["apart"] =>
  Object.fromEntries(
    parts.flatMap(({ partOf, outputG, containers: [first] }): [string, KeptDraft][] => {
      if (!partOf || !first || first.kind === "plate") return [];
      const { kind, place } = first;
      return [[partOf.part, { id: newId(), kept: `${outputG} g`, weighed: "", kind, place }]];
    }),
  );

/** What was typed of a batch, to be corrected: the same amounts of the same lots, the same changes and notes. */
function draftOfBatch(batch: BatchView, parts: readonly BatchView[]): Partial<MakeDraft> {
  const madeOf = [batch, ...parts].flatMap((one) => one.madeOf);
  const { changes } = batch;
  return {
    used: usedIn(madeOf),
    apart: keptAgain(parts),
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
    const parts = await Promise.all(batch.apart.map((part) => call("getBatch", { params: { id: part.id } })));
    draft.value = { ...draft.value, ...draftOfBatch(batch, parts) };
  });
}
