import { undoBatchIssue, type UndoBatchIssue } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import type { MadeBatch, TakenRecord } from "../context/ports/larder.store.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";

/**
 * Takes a batch back, with what was kept by itself of its parts: its containers are emptied, its lots get their grams back, and
 * what it had given back to the basket goes out of it again. Each by an entry that names what it undoes; nothing is deleted.
 */
export const undoBatch: UseCase<"undoBatch"> = async ({ params }, context) => {
  const { larder } = context.stores;
  const batch = await larder.batch(params.id);
  if (!batch) return notFound("batch-unknown");
  const parts = (await larder.partsOf(batch.id)).filter(({ undoneAt }) => undoneAt === null);
  const issue = await whyNotUndone([batch, ...parts], context);
  if (issue) return conflict(issue.code);
  const returned = new Set<string>();
  for (const one of [batch, ...parts]) for (const lotId of await takeBack(one, context)) returned.add(lotId);
  return accept({ id: batch.id, name: batch.name, returned: returned.size });
};

/** Why one of these batches cannot be taken back. */
export async function whyNotUndone(
  batches: readonly MadeBatch[],
  context: RequestContext,
): Promise<UndoBatchIssue | undefined> {
  for (const batch of batches) {
    const containers = await context.stores.larder.containersOf(batch.id);
    const leftOvers = await leftOversOf(batch.id, context);
    const issue = undoBatchIssue({ isUndone: batch.undoneAt !== null, containers, leftOvers });
    if (issue) return issue;
  }
  return undefined;
}

/** What was opened for a batch and went back to the basket. */
async function leftOversOf(batchId: string, { stores }: RequestContext): Promise<LotRecord[]> {
  const entries = await stores.lots.entriesOfBatch(batchId);
  return stores.lots.getMany(entries.filter(({ kind }) => kind === "returned").map(({ lotId }) => lotId));
}

/** Takes one batch back; the lots that got their grams back. */
async function takeBack(batch: MadeBatch, context: RequestContext): Promise<string[]> {
  const { larder, lots } = context.stores;
  await emptyContainers(batch, context);
  const entries = await entriesBack(batch, context);
  if (entries.length > 0) await lots.append(entries);
  await larder.changeBatch(batch.id, { undoneAt: context.now });
  await context.stores.mealPlans.forgetBatch(batch.id);
  return entries.filter(({ grams }) => grams > 0).map(({ lotId }) => lotId);
}

/** What was eaten at once goes back first, so that all that was made goes out as undone. */
async function emptyContainers(batch: MadeBatch, context: RequestContext): Promise<void> {
  const { larder } = context.stores;
  const movement = { at: context.now, memberId: context.session.memberId };
  const taken = await larder.takenFrom(batch.id);
  const isStanding = ({ id, undoes }: TakenRecord): boolean =>
    undoes === null && !taken.some((later) => later.undoes === id);
  for (const { id, containerId, grams, fate } of taken.filter(isStanding))
    await larder.withdraw({
      ...movement,
      ...{ id: context.newId(), containerId, grams: -grams, fate, undoes: id },
    });
  for (const { id, startG } of await larder.containersOf(batch.id))
    if (startG > 0)
      await larder.withdraw({
        ...movement,
        ...{ id: context.newId(), containerId: id, grams: startG, fate: "undone", undoes: null },
      });
}

async function entriesBack(batch: MadeBatch, context: RequestContext): Promise<EntryRecord[]> {
  const entries = await context.stores.lots.entriesOfBatch(batch.id);
  const undone = new Set(entries.map(({ undoes }) => undoes));
  return entries
    .filter(({ id, undoes, kind }) => undoes === null && kind !== "corrected" && !undone.has(id))
    .map(({ id, lotId, kind, grams }) => {
      const back = kind === "used" ? grams : -grams;
      const reason = `undone: ${batch.name}`;
      return entryOf(context, lotId, {
        kind: "corrected",
        grams: back,
        reason,
        batchId: batch.id,
        undoes: id,
      });
    });
}
