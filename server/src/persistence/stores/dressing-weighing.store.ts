import type { EntityManager } from "typeorm";
import type { DressingWeighingStore } from "../../context/ports/dressing-weighing.store.ts";
import { DressingWeighingTable, lessonsKept } from "../tables/lesson.table.ts";

export const dressingWeighingStoreOf = (em: EntityManager, kitchenId: string): DressingWeighingStore => ({
  rates: async (saladGroup) => {
    const rows = await em.find(DressingWeighingTable, { where: { saladGroup }, order: { seq: "ASC" } });
    return rows.map((row) => row.per100g);
  },
  add: async (weighing) => {
    await em.insert(DressingWeighingTable, { ...weighing, kitchenId });
    await em.query(
      `delete from dressing_weighing where id in (
         select id from dressing_weighing where salad_group = $1 order by seq desc offset $2)`,
      [weighing.saladGroup, lessonsKept],
    );
  },
});
