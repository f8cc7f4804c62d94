import { createHash } from "node:crypto";
import { photoType } from "@apron/core/exchange";
import { compareBatches as compare } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import { presentBatch, presentSummary } from "./present-batch.ts";

export const listBatches: UseCase<"listBatches"> = async ({ query }, context) => {
  const made = await context.stores.larder.batches({ recipeId: query.recipe, limit: query.limit });
  return accept({ batches: made.map(presentSummary) });
};

export const getBatch: UseCase<"getBatch"> = async ({ params }, context) => {
  const batch = await context.stores.larder.batch(params.id);
  return batch ? accept(await presentBatch(batch, context)) : notFound("batch-unknown");
};

export const compareBatches: UseCase<"compareBatches"> = async ({ params, query }, context) => {
  const { larder } = context.stores;
  const [one, other] = [await larder.batch(params.id), await larder.batch(query.with)];
  if (!one || !other) return notFound("batch-unknown", one ? "with" : "id");
  const [a, b] = [await presentBatch(one, context), await presentBatch(other, context)];
  const rows = compare(
    { inputs: a.madeOf, servings: a.servings },
    { inputs: b.madeOf, servings: b.servings },
  );
  return accept({
    batches: [a, b],
    rows: rows.map(({ ingredient, grams, perPortion }) => ({
      ...{ ingredient, name: nameFor(context, ingredient) },
      grams: [...grams],
      perPortion: [...perPortion],
    })),
  });
};

export const changeBatchNotes: UseCase<"changeBatchNotes"> = async ({ params, body }, context) => {
  const { larder } = context.stores;
  if (!(await larder.batch(params.id))) return notFound("batch-unknown");
  const { note, nextTime } = body;
  await larder.changeBatch(params.id, {
    ...(note !== undefined && { note }),
    ...(nextTime !== undefined && { nextTime }),
  });
  const changed = await larder.batch(params.id);
  return changed ? accept(await presentBatch(changed, context)) : notFound("batch-unknown");
};

/** Keeps a picture of what was made, by its own bytes. */
export const setBatchPhoto: UseCase<"setBatchPhoto"> = async ({ params, body }, context) => {
  if (!(await context.stores.larder.batch(params.id))) return notFound("batch-unknown");
  const bytes = Buffer.from(body.data, "base64");
  const type = photoType(bytes);
  if (!type.ok) return refuseWith(type.issue, "data");
  const digest = createHash("sha256").update(bytes).digest("hex");
  const photo = { batchId: params.id, mediaType: type.value, bytes, digest };
  await context.stores.photos.putOfBatch(photo, context.now);
  return accept({ id: params.id, photo: `/api/batches/${params.id}/photo?is=${digest.slice(0, 16)}` });
};
