import type { Harvest } from "@apron/core/basket";
import type { EntityManager } from "typeorm";
import type { BedRecord, BedStore } from "../../context/ports/bed.store.ts";
import { BedTable, type BedRow } from "../tables/bed.table.ts";

const bedOf = ({ kitchenId: _kitchen, createdAt: _created, ingredientId, ...row }: BedRow): BedRecord => ({
  ...row,
  ingredient: ingredientId,
  state: row.state as BedRecord["state"],
});

export const bedStoreOf = (em: EntityManager, kitchenId: string): BedStore => ({
  all: async () => (await em.find(BedTable, { order: { name: "ASC", id: "ASC" } })).map(bedOf),
  get: async (id) => {
    const row = await em.findOneBy(BedTable, { id });
    return row ? bedOf(row) : undefined;
  },
  add: async ({ ingredient, ...bed }, createdAt) => {
    await em.insert(BedTable, { ...bed, ingredientId: ingredient, kitchenId, createdAt });
  },
  change: async (id, to) => {
    await em.update(BedTable, { id }, to);
  },
  harvests: () => harvests(em),
});

/** Lots that were picked from a bed and not taken back again. */
async function harvests(em: EntityManager): Promise<Map<string, Harvest[]>> {
  const rows = await em.query<{ bed_id: string; day: string; grams: string }[]>(
    `select l.bed_id, l.since::text as day, sum(l.received_g) as grams
     from lot l join entry e on e.lot_id = l.id and e.kind = 'received'
     where l.bed_id is not null and not exists (select from entry u where u.undoes = e.id)
     group by 1, 2 order by 2`,
  );
  const byBed = new Map<string, Harvest[]>();
  for (const row of rows)
    byBed.set(row.bed_id, [...(byBed.get(row.bed_id) ?? []), { day: row.day, grams: Number(row.grams) }]);
  return byBed;
}
