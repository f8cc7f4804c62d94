import type { OwnFigure } from "@apron/core/catalogue";
import type { EntityManager } from "typeorm";
import type { OwnStore } from "../../context/ports/own.store.ts";
import { OwnFigureTable, OwnIngredientTable, type OwnFigureRow } from "../tables/own.table.ts";

const figureOf = (row: OwnFigureRow): OwnFigure => ({
  ingredient: row.ingredientId,
  table: row.figureTable as OwnFigure["table"],
  key: row.figureKey,
  value: row.value,
  low: row.low,
  high: row.high,
  note: row.note,
});

export const ownStoreOf = (em: EntityManager, kitchenId: string): OwnStore => ({
  entries: async () => ({
    ingredients: (await em.find(OwnIngredientTable, { order: { id: "ASC" } })).map((row) => row.body),
    figures: (
      await em.find(OwnFigureTable, { order: { ingredientId: "ASC", figureTable: "ASC", figureKey: "ASC" } })
    ).map(figureOf),
  }),
  addIngredient: async (body) => {
    await em.insert(OwnIngredientTable, { kitchenId, id: body.id, body });
  },
  setFigure: async ({ ingredient, table, key, ...figure }) => {
    const where = { kitchenId, ingredientId: ingredient, figureTable: table, figureKey: key };
    await em.upsert(OwnFigureTable, { ...where, ...figure }, Object.keys(where));
  },
  dropFigure: async ({ ingredient, table, key }) => {
    const dropped = await em.delete(OwnFigureTable, {
      ingredientId: ingredient,
      figureTable: table,
      figureKey: key,
    });
    return (dropped.affected ?? 0) > 0;
  },
});
