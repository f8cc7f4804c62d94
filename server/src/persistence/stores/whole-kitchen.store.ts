import type { DataSource, EntityManager, EntityMetadata } from "typeorm";
import {
  type Bringing,
  kitchenTables,
  type PlainRow,
  type WholeKitchen,
  type WholeKitchenStore,
} from "../../context/ports/whole-kitchen.store.ts";
import type { Stores } from "../../context/stores.ts";
import { sqlState } from "../../context/sql-state.ts";
import { enterKitchen } from "../enter-kitchen.ts";
import { MemberTable } from "../tables/people.table.ts";
import { kitchenOf, type KitchenFound } from "./kitchen-record.ts";

const metadataOf = (em: EntityManager, table: string): EntityMetadata => em.connection.getMetadata(table);

/** What the database counts itself, what only its ledger may move, and who may sign in. */
const leftOut: Readonly<Record<string, readonly string[]>> = {
  lot: ["balance_g"],
  member: ["account_id"],
};

const columnsOf = (em: EntityManager, table: string): string[] =>
  metadataOf(em, table)
    .columns.filter((column) => column.isInsert)
    .map((column) => column.databaseName)
    .filter((name) => !(leftOut[table] ?? []).includes(name));

/** The order rows were written in, where that says something; else one that is always the same. */
const orderOf = (em: EntityManager, table: string): string => {
  const { columns, primaryColumns } = metadataOf(em, table);
  const counted = columns.find((column) => column.databaseName === "seq");
  return counted ? "t.seq" : primaryColumns.map((column) => `t.${column.databaseName}`).join(", ");
};

async function rowsOf(em: EntityManager, table: string, kitchenId: string): Promise<PlainRow[]> {
  const scope = table === "kitchen" ? "id" : "kitchen_id";
  const [found] = await em.query<{ rows: PlainRow[] }[]>(
    `select coalesce(jsonb_agg(to_jsonb(t) order by ${orderOf(em, table)}), '[]') as rows from "${table}" t where t.${scope} = $1`,
    [kitchenId],
  );
  return found?.rows ?? [];
}

async function insertRows(em: EntityManager, table: string, rows: readonly PlainRow[]): Promise<void> {
  const columns = columnsOf(em, table).join(", ");
  // One statement a table: what rows of one table say of each other is looked at when all of them are there.
  await em.query(
    `insert into "${table}" (${columns}) select ${columns} from jsonb_populate_recordset(null::"${table}", $1::jsonb)`,
    [JSON.stringify(rows)],
  );
}

/** The balances that the ledger came to, against those that were brought along. */
async function addsUp(em: EntityManager, kitchen: WholeKitchen, kitchenId: string): Promise<boolean> {
  const isSame = async (table: string, column: string): Promise<boolean> => {
    const now = new Map((await rowsOf(em, table, kitchenId)).map((row) => [row["id"], Number(row[column])]));
    return (kitchen[table] ?? []).every((row) => now.get(row["id"]) === Number(row[column]));
  };
  return (await isSame("lot", "balance_g")) && (await isSame("container", "remaining_g"));
}

class DoesNotAddUp extends Error {}

/** A container begins full: its withdrawals empty it again. */
const asBegun = (table: string, rows: readonly PlainRow[]): readonly PlainRow[] =>
  table === "container" ? rows.map((row) => ({ ...row, remaining_g: row["start_g"] })) : rows;

async function bring(
  em: EntityManager,
  kitchen: WholeKitchen,
  { owner, at, look }: Bringing<EntityManager>,
): Promise<void> {
  const kitchenId = String(kitchen["kitchen"]?.[0]?.["id"]);
  await enterKitchen(em, kitchenId);
  for (const table of kitchenTables) await insertRows(em, table, asBegun(table, kitchen[table] ?? []));
  if (!(await addsUp(em, kitchen, kitchenId))) throw new DoesNotAddUp();
  const { memberId: id, id: accountId, name } = owner;
  await em.insert(MemberTable, {
    id,
    kitchenId,
    accountId,
    name,
    role: "owner",
    createdAt: at,
    leftAt: null,
  });
  const [row] = await rowsOf(em, "kitchen", kitchenId);
  if (!row || !(await look(em, kitchenOf(row as KitchenFound)))) throw new DoesNotAddUp();
}

export const wholeKitchenStoreOf = (
  source: DataSource,
  storesOf: (em: EntityManager, kitchenId: string) => Stores,
): WholeKitchenStore<Stores> => ({
  read: (kitchenId) =>
    source.transaction("REPEATABLE READ", async (em) => {
      await enterKitchen(em, kitchenId);
      const tables: Record<string, PlainRow[]> = {};
      for (const table of kitchenTables) tables[table] = await rowsOf(em, table, kitchenId);
      return tables;
    }),
  isTaken: (kitchenId) =>
    source.transaction(async (em) => {
      await enterKitchen(em, kitchenId);
      return (await rowsOf(em, "kitchen", kitchenId)).length > 0;
    }),
  bring: async (kitchen, { look, ...bringing }) => {
    const lookAt: Bringing<EntityManager>["look"] = (em, record) => look(storesOf(em, record.id), record);
    try {
      await source.transaction((em) => bring(em, kitchen, { ...bringing, look: lookAt }));
      return true;
    } catch (error) {
      // Values that cannot be kept, rows that refer to none or to another kitchen: such a kitchen never was.
      if (error instanceof DoesNotAddUp || /^2[23]|^42501$/.test(sqlState(error))) return false;
      throw error;
    }
  },
});
