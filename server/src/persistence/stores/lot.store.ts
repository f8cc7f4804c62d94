import type { EntityManager } from "typeorm";
import { In, MoreThan, type FindManyOptions } from "typeorm";
import type {
  EntryRecord,
  LotCounts,
  LotFilter,
  LotRecord,
  LotStore,
} from "../../context/ports/lot.store.ts";
import { EntryTable, LotTable, type EntryRow, type LotRow } from "../tables/lot.table.ts";

/** Rows were vetted by the database's own checks when they went in, so the words are taken at their word. */
const lotOf = ({ kitchenId: _kitchen, createdAt: _created, ingredientId, ...row }: LotRow): LotRecord => ({
  ...row,
  ingredient: ingredientId,
  state: row.state as LotRecord["state"],
  grade: row.grade as LotRecord["grade"],
  sourceKind: row.sourceKind as LotRecord["sourceKind"],
  place: row.place as LotRecord["place"],
  condition: row.condition as LotRecord["condition"],
});

const entryOf = ({ kitchenId: _kitchen, seq: _seq, ...row }: EntryRow): EntryRecord => ({
  ...row,
  kind: row.kind as EntryRecord["kind"],
});

/** One statement takes 65,535 values, and long ones are slow to put together: so many rows at a time. */
const rowsAtOnce = 200;
const inChunks = <Row>(rows: readonly Row[]): Row[][] =>
  Array.from({ length: Math.ceil(rows.length / rowsAtOnce) }, (_, i) =>
    rows.slice(i * rowsAtOnce, (i + 1) * rowsAtOnce),
  );

export const lotStoreOf = (em: EntityManager, kitchenId: string): LotStore => ({
  ...lists(em),
  ...ledger(em),
  counts: (nowUntil) => counts(em, nowUntil),
  frequentIngredients: (limit) => frequentIngredients(em, limit),
  add: async (lots, createdAt) => {
    const rows = lots.map(({ ingredient, balanceG: _starts, ...lot }) => ({
      ...lot,
      kitchenId,
      ingredientId: ingredient,
      createdAt,
    }));
    for (const some of inChunks(rows)) await em.insert(LotTable, some);
  },
  change: async (id, to) => {
    await em.update(LotTable, { id }, to);
  },
  append: async (entries) => {
    const rows = entries.map((entry) => ({ ...entry, kitchenId }));
    for (const some of inChunks(rows)) await em.insert(EntryTable, some);
  },
});

type Lists = "page" | "onHand" | "get" | "getMany" | "childrenOf" | "ofIntake" | "onHandOf" | "all";

function lists(em: EntityManager): Pick<LotStore, Lists> {
  const found = async (options: FindManyOptions<LotRow>): Promise<LotRecord[]> =>
    (await em.find(LotTable, options)).map(lotOf);
  return {
    page: (filter) => page(em, filter),
    onHand: () => found({ where: { balanceG: MoreThan(0) }, order: { spoilsOn: "ASC", id: "ASC" } }),
    get: async (id) => (await found({ where: { id } }))[0],
    getMany: (ids) => found({ where: { id: In([...ids]) } }),
    childrenOf: (parentLotId) => found({ where: { parentLotId } }),
    ofIntake: (intakeId) => found({ where: { intakeId } }),
    onHandOf: (ingredientId) => found({ where: { ingredientId, balanceG: MoreThan(0) } }),
    all: (limit) => found({ order: { createdAt: "DESC", id: "ASC" }, take: limit }),
  };
}

function ledger(em: EntityManager): Pick<LotStore, "entries" | "entry" | "entriesOfBatch" | "receipts"> {
  return {
    receipts: async (intakeId) =>
      new Map(
        (
          await em.query<{ lotId: string; id: string }[]>(
            `select e.lot_id as "lotId", e.id from entry e join lot l on l.id = e.lot_id
             where l.intake_id = $1 and e.kind = 'received'`,
            [intakeId],
          )
        ).map(({ lotId, id }) => [lotId, id]),
      ),
    entries: (lotId) => entriesWithNames(em, lotId),
    entriesOfBatch: async (batchId) =>
      (await em.find(EntryTable, { where: { batchId }, order: { seq: "ASC" } })).map(entryOf),
    entry: async (id) => {
      const row = await em.findOneBy(EntryTable, { id });
      return row ? { ...entryOf(row), undone: await em.existsBy(EntryTable, { undoes: id }) } : undefined;
    },
  };
}

async function page(em: EntityManager, filter: LotFilter): Promise<LotRecord[]> {
  const query = em
    .createQueryBuilder(LotTable, "lot")
    .where("lot.balance_g > 0")
    .orderBy("lot.spoils_on")
    .addOrderBy("lot.id")
    .limit(filter.limit);
  if (filter.useful) query.andWhere("lot.useful");
  if (filter.state) query.andWhere("lot.state = :state", { state: filter.state });
  if (filter.place) query.andWhere("lot.place = :place", { place: filter.place });
  if (filter.source) query.andWhere("lot.source_kind = :source", { source: filter.source });
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
    `select count(*) filter (where spoils_on <= $1 and useful)::int as now, count(*) filter (where state = 'raw')::int as raw
     from lot where balance_g > 0`,
    [nowUntil],
  );
  return { toUseNow: row?.now ?? 0, raw: row?.raw ?? 0 };
}

async function frequentIngredients(em: EntityManager, limit: number): Promise<string[]> {
  const rows = await em.query<{ ingredient_id: string }[]>(
    `select ingredient_id from (select ingredient_id from lot where parent_lot_id is null
       order by created_at desc, id limit 300) latest group by 1 order by count(*) desc, 1 limit $1`,
    [limit],
  );
  return rows.map((r) => r.ingredient_id);
}
