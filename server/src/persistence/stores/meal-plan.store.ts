import { In, IsNull, MoreThanOrEqual, type EntityManager } from "typeorm";
import type { MealPlanStore, PlannedDishRecord, ShoppingStore } from "../../context/ports/meal-plan.store.ts";
import {
  MealPlanTable,
  PlannedDishTable,
  ShoppingItemTable,
  type PlannedDishRow,
} from "../tables/meal-plan.table.ts";

const recordOf = ({ id, planId, day, body, dropped, batchId }: PlannedDishRow): PlannedDishRecord => ({
  ...body,
  ...{ id, planId, day, dropped, batchId },
});

export const mealPlanStoreOf = (em: EntityManager, kitchenId: string): MealPlanStore => {
  const rowOf = ({ id, planId, day, dropped, batchId, ...body }: PlannedDishRecord): PlannedDishRow => ({
    ...{ id, planId, day, dropped, batchId, body, kitchenId },
  });
  const inOrder = { day: "ASC", id: "ASC" } as const;
  return {
    add: async (plan, dishes, memberId) => {
      await em.insert(MealPlanTable, { ...plan, kitchenId, memberId });
      const rows = dishes.map((dish) => rowOf({ ...dish, planId: plan.id, dropped: false, batchId: null }));
      if (rows.length > 0) await em.insert(PlannedDishTable, rows);
    },
    standing: async (from) => {
      const where = { day: MoreThanOrEqual(from), dropped: false, batchId: IsNull() };
      return (await em.find(PlannedDishTable, { where, order: inOrder })).map(recordOf);
    },
    plans: async (limit) => em.find(MealPlanTable, { order: { acceptedAt: "DESC", id: "ASC" }, take: limit }),
    dishesOf: async (planIds) => {
      const where = { planId: In([...planIds]) };
      return (await em.find(PlannedDishTable, { where, order: inOrder })).map(recordOf);
    },
    dish: async (id) => {
      const row = await em.findOneBy(PlannedDishTable, { id });
      return row ? recordOf(row) : undefined;
    },
    put: async (dishes) => {
      if (dishes.length > 0) await em.upsert(PlannedDishTable, dishes.map(rowOf), ["id"]);
    },
    forgetBatch: async (batchId) => {
      await em.update(PlannedDishTable, { batchId }, { batchId: null });
    },
  };
};

export const shoppingStoreOf = (em: EntityManager, kitchenId: string): ShoppingStore => ({
  items: () => em.find(ShoppingItemTable, { order: { addedAt: "ASC", key: "ASC" } }),
  put: async (item) => {
    await em.upsert(ShoppingItemTable, { ...item, kitchenId }, ["kitchenId", "key"]);
  },
  remove: async (keys) => {
    if (keys.length > 0) await em.delete(ShoppingItemTable, { key: In([...keys]) });
  },
});
