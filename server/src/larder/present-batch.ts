import type { BatchSummary, BatchView } from "@apron/contract";
import { foldRun } from "@apron/core/cook";
import type { MadeBatch } from "../context/ports/larder.store.ts";
import type { RequestContext } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import { presentContainer } from "./present-container.ts";
import { whyNotUndone } from "./undo-batch.ts";

export const presentSummary = (batch: MadeBatch): BatchSummary => ({
  id: batch.id,
  recipeId: batch.recipeId,
  version: batch.recipeVersion,
  name: batch.name,
  madeOn: batch.madeOn,
  by: batch.by,
  outputG: batch.outputG,
  batches: batch.batches,
  note: batch.note,
  nextTime: batch.nextTime,
  undoneAt: batch.undoneAt?.toISOString() ?? null,
});

/** What was tasted and added on the way, where it was cooked along with a plan. */
async function tastedOf(batch: MadeBatch, context: RequestContext): Promise<BatchView["tasted"]> {
  if (batch.planId === null) return [];
  const events = await context.stores.plans.eventsOf(batch.planId);
  const { additions } = foldRun(
    [],
    events.map((event) => ({ ...event, at: Date.parse(event.at) })),
  );
  return additions
    .filter(({ dish }) => dish === batch.planDish)
    .map(({ at, ingredient, grams, found, isCold }) => ({
      ...{ at: new Date(at).toISOString(), name: nameFor(context, ingredient) },
      ...{ grams, found, isCold },
    }));
}

/** A batch with its whole course. */
export async function presentBatch(batch: MadeBatch, context: RequestContext): Promise<BatchView> {
  const { larder, photos } = context.stores;
  const inputs = await larder.inputsOf(batch.id);
  const containers = (await larder.containersOf(batch.id)).map((one) => presentContainer(one, context));
  const taken = await larder.takenFrom(batch.id);
  const parts = await larder.partsOf(batch.id);
  const standing = parts.filter(({ undoneAt }) => undoneAt === null);
  const whole = batch.partOf === null ? undefined : await larder.batch(batch.partOf);
  const digest = await photos.digestOfBatch(batch.id);
  const nameOfContainer = (id: string): string =>
    containers.find((one) => one.id === id)?.containerName ?? "";
  return {
    ...presentSummary(batch),
    servings: batch.servings,
    madeAt: batch.madeAt.toISOString(),
    weighed: batch.weighed,
    allergens: [...batch.allergens],
    madeOf: inputs.map(({ lineId, ingredient, lotId, grams }) => ({
      ...{ lineId, ingredient, lotId, grams, name: nameFor(context, ingredient) },
    })),
    changes: batch.changes,
    tasted: await tastedOf(batch, context),
    containers,
    taken: taken.map(({ at, by, grams, fate, containerId }) => ({
      ...{ at: at.toISOString(), by, grams, fate, containerName: nameOfContainer(containerId) },
    })),
    photo: digest === undefined ? null : `/api/batches/${batch.id}/photo?is=${digest.slice(0, 16)}`,
    partOf: whole ? { id: whole.id, name: whole.name, part: batch.part } : null,
    apart: (batch.undoneAt === null ? standing : parts).map(({ id, name, outputG }) => ({
      id,
      name,
      outputG,
    })),
    mayBeUndone: (await whyNotUndone([batch, ...standing], context)) === undefined,
  };
}
