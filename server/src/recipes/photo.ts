import { createHash } from "node:crypto";
import { photoType } from "@apron/core/exchange";
import { accept } from "@apron/core/measure";
import { notFound, refuseWith } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

/** Where a photo is read; its digest is in the address, so that it may be kept for good. */
const photoAddress = (recipeId: string, digest: string | undefined): string | null =>
  digest === undefined ? null : `/api/recipes/${recipeId}/photo?is=${digest.slice(0, 16)}`;

/** Addresses of all photos, by recipe. */
export async function photoAddresses(context: RequestContext): Promise<(recipeId: string) => string | null> {
  const digests = await context.stores.photos.digests();
  return (recipeId) => photoAddress(recipeId, digests.get(recipeId));
}

/** Keeps a dish's photo: a picture by its own bytes, with nothing in it of where it was taken. */
export const setPhoto: UseCase<"setPhoto"> = async ({ params, body }, context) => {
  if (!(await context.stores.recipes.get(params.id))) return notFound("recipe-unknown");
  const bytes = Buffer.from(body.data, "base64");
  const type = photoType(bytes);
  if (!type.ok) return refuseWith(type.issue, "data");
  const digest = createHash("sha256").update(bytes).digest("hex");
  await context.stores.photos.put({ recipeId: params.id, mediaType: type.value, bytes, digest }, context.now);
  return accept({ id: params.id, photo: photoAddress(params.id, digest) });
};

export const removePhoto: UseCase<"removePhoto"> = async ({ params }, context) =>
  (await context.stores.photos.drop(params.id))
    ? accept({ id: params.id, photo: null })
    : notFound("photo-unknown");
