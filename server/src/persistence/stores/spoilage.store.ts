import type { Spoilage } from "@apron/core/basket";
import type { EntityManager } from "typeorm";
import type { SpoilageStore } from "../../context/ports/spoilage.store.ts";
import { lessonsKept, SpoilageTable } from "../tables/lesson.table.ts";

export const spoilageStoreOf = (em: EntityManager, kitchenId: string): SpoilageStore => ({
  history: () =>
    em.query<Spoilage[]>(
      `select s.ingredient_id as ingredient, s.place, s.days from spoilage s
       join entry e on e.id = s.entry_id order by e.seq`,
    ),
  add: async (entryId, { ingredient, place, days }) => {
    await em.insert(SpoilageTable, { entryId, kitchenId, ingredientId: ingredient, place, days });
    await em.query(
      `delete from spoilage where entry_id in (
         select s.entry_id from spoilage s join entry e on e.id = s.entry_id
         where s.ingredient_id = $1 and s.place = $2 order by e.seq desc offset $3)`,
      [ingredient, place, lessonsKept],
    );
  },
  drop: async (entryId) => {
    await em.delete(SpoilageTable, { entryId });
  },
});
