import type { EntityManager } from "typeorm";
import type { KitchenStore } from "../../context/ports/kitchen.store.ts";
import { KitchenTable } from "../tables/kitchen.table.ts";

export const kitchenStoreOf = (em: EntityManager, id: string): KitchenStore => ({
  change: async (to) => {
    await em.update(KitchenTable, { id }, to);
  },
  catalogueChanged: async () => {
    await em.query("update kitchen set catalogue_revision = catalogue_revision + 1 where id = $1", [id]);
  },
});
