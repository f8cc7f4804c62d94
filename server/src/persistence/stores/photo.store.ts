import type { EntityManager } from "typeorm";
import type { PhotoStore } from "../../context/ports/photo.store.ts";
import { BatchPhotoTable } from "../tables/batch.table.ts";
import { RecipePhotoTable } from "../tables/recipe.table.ts";

export const photoStoreOf = (em: EntityManager, kitchenId: string): PhotoStore => ({
  get: async (recipeId) => {
    const row = await em.findOneBy(RecipePhotoTable, { recipeId });
    return row ? { recipeId, mediaType: row.mediaType, bytes: row.bytes, digest: row.digest } : undefined;
  },
  digests: async () => {
    const rows = await em.query<{ recipe_id: string; digest: string }[]>(
      "select recipe_id, digest from recipe_photo",
    );
    return new Map(rows.map((row) => [row.recipe_id, row.digest]));
  },
  ofBatch: async (batchId) => {
    const row = await em.findOneBy(BatchPhotoTable, { batchId });
    return row ? { batchId, mediaType: row.mediaType, bytes: row.bytes, digest: row.digest } : undefined;
  },
  digestOfBatch: async (batchId) => {
    const [row] = await em.query<{ digest: string }[]>("select digest from batch_photo where batch_id = $1", [
      batchId,
    ]);
    return row?.digest;
  },
  putOfBatch: async ({ bytes, ...photo }, at) => {
    const row = { ...photo, bytes: Buffer.from(bytes), at, kitchenId };
    await em.upsert(BatchPhotoTable, row, ["kitchenId", "batchId"]);
  },
  put: async ({ bytes, ...photo }, at) => {
    const row = { ...photo, bytes: Buffer.from(bytes), at, kitchenId };
    await em.upsert(RecipePhotoTable, row, ["kitchenId", "recipeId"]);
  },
  drop: async (recipeId) => {
    const dropped = await em.delete(RecipePhotoTable, { recipeId });
    return (dropped.affected ?? 0) > 0;
  },
});
