import type { EntityManager } from "typeorm";
import type { ScaleStore } from "../../context/ports/scale.store.ts";
import { ScaleTable } from "../tables/kitchen.table.ts";

export const scaleStoreOf = (em: EntityManager, kitchenId: string): ScaleStore => ({
  get: async () => {
    const row = await em.findOneBy(ScaleTable, { kitchenId });
    return row ? { ...row, unit: row.unit === "oz" ? "oz" : "g" } : undefined;
  },
  put: async (scale) => {
    await em.upsert(ScaleTable, { ...scale, kitchenId }, ["kitchenId"]);
  },
});
