import type { EntityManager } from "typeorm";
import type { RecipeRecord, RecipeStore } from "../../recipes/store.ts";
import { RecipeTable, RecipeVersionTable } from "../tables/batch.table.ts";

const current = `select v.formula, v.version from recipe r
  join recipe_version v on v.recipe_id = r.id and v.version = r.version and v.kitchen_id = r.kitchen_id`;

export const recipeStoreOf = (em: EntityManager, kitchenId: string): RecipeStore => ({
  all: () => em.query<RecipeRecord[]>(`${current} order by r.id`),
  get: async (id) => (await em.query<RecipeRecord[]>(`${current} where r.id = $1`, [id]))[0],
  getVersion: async (id, version) => {
    const row = await em.findOneBy(RecipeVersionTable, { recipeId: id, version });
    return row ? { formula: row.formula, version: row.version } : undefined;
  },
  save: async (formula, version, createdAt) => {
    await em.upsert(RecipeTable, { kitchenId, id: formula.id, version }, ["kitchenId", "id"]);
    await em.insert(RecipeVersionTable, { kitchenId, recipeId: formula.id, version, formula, createdAt });
  },
});
