import type { Formula } from "@apron/core/recipes";
import type { LRUCache } from "lru-cache";
import type { EntityManager } from "typeorm";
import type {
  RecipeRecord,
  RecipeStore,
  UsedInBatch,
  VersionRecord,
} from "../../context/ports/recipe.store.ts";
import { BatchInputTable, BatchTable, type BatchInputRow } from "../tables/batch.table.ts";
import { RecipeTable, RecipeVersionTable } from "../tables/recipe.table.ts";

/** Versions read before; since none ever changes, none is ever out of date. */
export type KnownVersions = LRUCache<string, Formula>;

type Key = { readonly id: string; readonly version: number; readonly archived: boolean };

const versionsOf = `select v.version, v.created_at as "createdAt", m.name as by, v.note from recipe_version v
  left join member m on m.id = v.member_id where v.recipe_id = $1 order by v.version desc`;

const defaults = "select id, version, archived from recipe";

/** Formulas of these versions, from memory as far as they are known. */
async function formulasOf(
  em: EntityManager,
  keys: readonly Key[],
  { kitchenId, known }: { readonly kitchenId: string; readonly known: KnownVersions | undefined },
): Promise<RecipeRecord[]> {
  const nameOf = (key: Omit<Key, "away">): string => `${kitchenId} ${key.id} ${key.version}`;
  const missing = keys.filter((key) => !known?.has(nameOf(key)));
  const rows =
    missing.length === 0
      ? []
      : await em.query<(Omit<Key, "away"> & { formula: Formula })[]>(
          `select v.recipe_id as id, v.version, v.formula from recipe_version v
           join unnest($1::text[], $2::int[]) as wanted (id, version)
             on v.recipe_id = wanted.id and v.version = wanted.version`,
          [missing.map((key) => key.id), missing.map((key) => key.version)],
        );
  const read = new Map(rows.map((row) => [nameOf(row), row.formula]));
  for (const [name, formula] of read) known?.set(name, formula);
  return keys.flatMap((key) => {
    const formula = read.get(nameOf(key)) ?? known?.get(nameOf(key));
    return formula ? [{ formula, version: key.version, archived: key.archived }] : [];
  });
}

const usedOf = ({ lineId, ingredientId, grams }: BatchInputRow): UsedInBatch => ({
  ...{ lineId, ingredient: ingredientId, grams },
});

/** `known` is given to readers only: what a write reads may yet be rolled back. */
export function recipeStoreOf(em: EntityManager, kitchenId: string, known?: KnownVersions): RecipeStore {
  const from = { kitchenId, known };
  return {
    all: async () => formulasOf(em, await em.query<Key[]>(`${defaults} order by id`), from),
    get: async (id) =>
      (await formulasOf(em, await em.query<Key[]>(`${defaults} where id = $1`, [id]), from))[0],
    getVersion: async (id, version) => (await formulasOf(em, [{ id, version, archived: false }], from))[0],
    versions: (id) => em.query<VersionRecord[]>(versionsOf, [id]),
    save: async (formula, version, { at, memberId, note }) => {
      await em.upsert(RecipeTable, { kitchenId, id: formula.id, version }, ["kitchenId", "id"]);
      const row = { kitchenId, recipeId: formula.id, version, formula, createdAt: at, memberId, note };
      await em.insert(RecipeVersionTable, row);
    },
    archiveRecipe: async (id, archived) => {
      await em.update(RecipeTable, { kitchenId, id }, { archived });
    },
    setDefaultVersion: async (id, version) => {
      await em.update(RecipeTable, { kitchenId, id }, { version });
    },
    batchesOf: async (id) => {
      const rows = await em.find(BatchTable, {
        where: { recipeId: id },
        order: { madeAt: "DESC", id: "ASC" },
        take: 12,
      });
      return rows.map((row) => ({ ...row, version: row.recipeVersion }));
    },
    batch: async (batchId) => {
      const row = await em.findOneBy(BatchTable, { id: batchId });
      if (!row) return undefined;
      const inputs = await em.findBy(BatchInputTable, { batchId });
      const used = inputs.map(usedOf);
      const { recipeId, recipeVersion: version, batches, changes } = row;
      return { recipeId, version, batches, used, changes };
    },
  };
}
