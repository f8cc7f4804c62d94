import type { EntityManager } from "typeorm";
import { In } from "typeorm";
import type { LearnedWeighing, TrimStore } from "../../trim/store.ts";
import { TrimPartTable, TrimTable } from "../tables/lot.table.ts";

export const trimStoreOf = (em: EntityManager, kitchenId: string): TrimStore => ({
  learned: async (ingredients) => {
    const rows = await em.find(TrimTable, {
      where: { learned: true, ...(ingredients === "all" ? {} : { ingredientId: In([...ingredients]) }) },
      order: { at: "ASC", seq: "ASC" },
    });
    return rows.map((row): LearnedWeighing => ({
      ingredient: row.ingredientId,
      method: row.method,
      grade: row.grade as LearnedWeighing["grade"],
      fraction: row.usableG / row.rawG,
      at: row.at,
    }));
  },
  add: async ({ ingredient, ...trim }, parts) => {
    await em.insert(TrimTable, { ...trim, kitchenId, ingredientId: ingredient });
    if (parts.length > 0)
      await em.insert(
        TrimPartTable,
        parts.map((part) => ({ ...part, kitchenId })),
      );
  },
});
