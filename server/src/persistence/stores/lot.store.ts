import type { EntityManager } from "typeorm";
import { In, MoreThan } from "typeorm";
import type { EntryRecord, LotCounts, LotFilter, LotRecord, LotStore } from "../../basket/store.ts";
import { EntryTable, LotTable, type EntryRow, type LotRow } from "../tables/lot.table.ts";

/** Rows were vetted by the database's own checks when they went in, so the words are taken at their word. */
const lotOf = ({ kitchenId: _kitchen, createdAt: _created, ingredientId, ...row }: LotRow): LotRecord => ({
  ...row,
  ingredient: ingredientId,
  state: row.state as LotRecord["state"],
  grade: row.grade as LotRecord["grade"],
  sourceKind: row.sourceKind as LotRecord["sourceKind"],
  place: row.place as LotRecord["place"],
});

const entryOf = ({ kitchenId: _kitchen, seq: _seq, ...row }: EntryRow): EntryRecord => ({
  ...row,
  kind: row.kind as EntryRecord["kind"],
});

export const lotStoreOf = (em: EntityManager, kitchenId: string): LotStore => ({
  page: (filter) => page(em, filter),
  onHand: async () => {
    const rows = await em.find(LotTable, {
      where: { balanceG: MoreThan(0) },
      order: { spoilsOn: "ASC", id: "ASC" },
    });
    return rows.map(lotOf);
  },
  get: async (id) => {
    const row = await em.findOneBy(LotTable, { id });
    return row ? lotOf(row) : undefined;
  },
  getMany: async (ids) => (await em.findBy(LotTable, { id: In([...ids]) })).map(lotOf),
  entries: (lotId) => entriesWithNames(em, lotId),
  counts: (nowUntil) => counts(em, nowUntil),
  usualIngredients: (limit) => usualIngredients(em, limit),
  add: async (lots, createdAt) => {
    const rows = lots.map(({ ingredient, balanceG: _starts, ...lot }) => ({
      ...lot,
      kitchenId,
      ingredientId: ingredient,
      createdAt,
    }));
    await em.insert(LotTable, rows);
  },
  append: async (entries) => {
    await em.insert(
      EntryTable,
      entries.map((entry) => ({ ...entry, kitchenId })),
    );
  },
});

async function page(em: EntityManager, filter: LotFilter): Promise<LotRecord[]> {
  const query = em
    .createQueryBuilder(LotTable, "lot")
    .where("lot.balance_g > 0")
    .orderBy("lot.spoils_on")
    .addOrderBy("lot.id")
    .limit(filter.limit);
  if (filter.state) query.andWhere("lot.state = :state", { state: filter.state });
  if (filter.ingredients) query.andWhere("lot.ingredient_id = any(:ids)", { ids: filter.ingredients });
  if (filter.after) query.andWhere("(lot.spoils_on, lot.id) > (:spoilsOn, :id)", filter.after);
  return (await query.getMany()).map(lotOf);
}

async function entriesWithNames(
  em: EntityManager,
  lotId: string,
): Promise<(EntryRecord & { readonly by: string })[]> {
  const rows = await em.find(EntryTable, { where: { lotId }, order: { seq: "ASC" } });
  const names = await em.query<{ id: string; name: string }[]>("select id, name from member");
  const nameOf = new Map(names.map((m) => [m.id, m.name]));
  return rows.map((row) => ({ ...entryOf(row), by: nameOf.get(row.memberId) ?? "" }));
}

async function counts(em: EntityManager, nowUntil: string): Promise<LotCounts> {
  const [row] = await em.query<{ now: number; raw: number }[]>(
    `select count(*) filter (where spoils_on <= $1)::int as now, count(*) filter (where state = 'raw')::int as raw
     from lot where balance_g > 0`,
    [nowUntil],
  );
  return { toUseNow: row?.now ?? 0, raw: row?.raw ?? 0 };
}

async function usualIngredients(em: EntityManager, limit: number): Promise<string[]> {
  const rows = await em.query<{ ingredient_id: string }[]>(
    `select ingredient_id from (select ingredient_id from lot where parent_lot_id is null
       order by created_at desc limit 300) latest group by 1 order by count(*) desc, 1 limit $1`,
    [limit],
  );
  return rows.map((r) => r.ingredient_id);
}
