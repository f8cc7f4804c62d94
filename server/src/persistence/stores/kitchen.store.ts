import type { EntityManager } from "typeorm";
import type { KitchenSettings } from "../../context/kitchen-settings.ts";
import type { KitchenStore } from "../../context/ports/kitchen.store.ts";
import { KitchenTable } from "../tables/kitchen.table.ts";

export const kitchenStoreOf = (em: EntityManager, id: string): KitchenStore => ({
  revision: async () => {
    const [row] = await em.query<{ revision: number }[]>("select revision from kitchen where id = $1", [id]);
    return Number(row?.revision ?? 0);
  },
  change: async (to) => {
    if (Object.keys(to).length > 0) await em.update(KitchenTable, { id }, to);
  },
  changeSettings: async (change) => {
    // The write has taken this row before it got here: what is read now nobody else can be changing.
    const [row] = await em.query<{ settings: KitchenSettings }[]>(
      "select settings from kitchen where id = $1",
      [id],
    );
    if (!row) throw new Error("bug: a kitchen without a row");
    const settings = change(row.settings);
    await em.update(KitchenTable, { id }, { settings });
    return settings;
  },
  dated: async (datesVersion) => {
    await em.update(KitchenTable, { id }, { datesVersion });
  },
  catalogueChanged: async () => {
    await em.query("update kitchen set catalogue_revision = catalogue_revision + 1 where id = $1", [id]);
  },
});
