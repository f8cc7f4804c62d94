import type { EntityManager } from "typeorm";
import type { DressingWeighingStore } from "../../context/ports/dressing-weighing.store.ts";
import { DressingWeighingTable } from "../tables/lesson.table.ts";

export const dressingWeighingStoreOf = (em: EntityManager, kitchenId: string): DressingWeighingStore => ({
  rates: async (saladGroup) => {
    const rows = await em.find(DressingWeighingTable, { where: { saladGroup }, order: { seq: "ASC" } });
    return rows.map((row) => row.per100g);
  },
  add: async (weighing) => {
    await em.insert(DressingWeighingTable, { ...weighing, kitchenId });
  },
});
