import type { EntityManager } from "typeorm";
import { In, IsNull, MoreThan } from "typeorm";
import type {
  BatchInputRecord,
  ContainerRecord,
  LarderStore,
  MadeBatch,
  StoredContainer,
  TakenRecord,
  WithdrawalRecord,
} from "../../context/ports/larder.store.ts";
import {
  BatchInputTable,
  BatchTable,
  ContainerTable,
  WithdrawalTable,
  type BatchRow,
  type ContainerRow,
} from "../tables/batch.table.ts";
import { MemberTable } from "../tables/people.table.ts";

const storedOf = (row: ContainerRow, batch: BatchRow): StoredContainer => ({
  id: row.id,
  batchId: row.batchId,
  kind: row.kind as ContainerRecord["kind"],
  place: row.place as ContainerRecord["place"],
  startG: row.startG,
  remainingG: row.remainingG,
  portionG: row.portionG,
  useBy: row.useBy,
  limit: row.useByLimit as ContainerRecord["limit"],
  reason: row.reason,
  source: row.source,
  practiceFrom: row.practiceFrom,
  practiceTo: row.practiceTo,
  mustNever: row.mustNever,
  thawDays: row.thawDays,
  isPlain: row.isPlain,
  name: batch.name,
  dish: batch.kind as StoredContainer["dish"],
  madeOn: batch.madeOn,
  recipeId: batch.recipeId,
  recipeVersion: batch.recipeVersion,
  allergens: batch.allergens,
  changes: batch.changes,
  part: batch.part,
});

/** Batches with the name of who made them. */
async function madeBatches(em: EntityManager, rows: readonly BatchRow[]): Promise<MadeBatch[]> {
  const names = await namesOf(
    em,
    rows.map((row) => row.memberId),
  );
  return rows.map(({ kitchenId: _kitchen, ...row }) => ({
    ...row,
    kind: row.kind as MadeBatch["kind"],
    by: names.get(row.memberId) ?? "",
  }));
}

async function namesOf(em: EntityManager, ids: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const members = await em.findBy(MemberTable, { id: In([...new Set(ids)]) });
  return new Map(members.map(({ id, name }) => [id, name]));
}

async function takenFrom(em: EntityManager, batchId: string): Promise<TakenRecord[]> {
  const containers = await em.find(ContainerTable, { where: { batchId }, select: { id: true } });
  const rows = await em.find(WithdrawalTable, {
    where: { containerId: In(containers.map(({ id }) => id)) },
    order: { at: "ASC", id: "ASC" },
  });
  const names = await namesOf(
    em,
    rows.map((row) => row.memberId),
  );
  return rows.map(({ kitchenId: _kitchen, ...row }) => ({
    ...row,
    fate: row.fate as TakenRecord["fate"],
    by: names.get(row.memberId) ?? "",
  }));
}

/** What is asked of batches; the rest of the store is about containers. */
const batchesOf = (
  em: EntityManager,
): Pick<LarderStore, "batch" | "batches" | "partsOf" | "containersOf" | "takenFrom" | "changeBatch"> => ({
  batch: async (id) => {
    const row = await em.findOneBy(BatchTable, { id });
    return row ? (await madeBatches(em, [row]))[0] : undefined;
  },
  batches: async ({ recipeId, limit }) => {
    const where = { partOf: IsNull(), ...(recipeId !== undefined && { recipeId }) };
    return madeBatches(
      em,
      await em.find(BatchTable, { where, order: { madeAt: "DESC", id: "ASC" }, take: limit }),
    );
  },
  partsOf: async (batchId) =>
    madeBatches(
      em,
      await em.find(BatchTable, { where: { partOf: batchId }, order: { outputG: "DESC", id: "ASC" } }),
    ),
  containersOf: async (batchId) => {
    const rows = await em.find(ContainerTable, { where: { batchId }, order: { startG: "DESC", id: "ASC" } });
    return withBatches(em, rows);
  },
  takenFrom: (batchId) => takenFrom(em, batchId),
  changeBatch: async (id, to) => {
    if (Object.keys(to).length > 0) await em.update(BatchTable, { id }, to);
  },
});

export const larderStoreOf = (em: EntityManager, kitchenId: string): LarderStore => ({
  ...batchesOf(em),
  listStored: async () => {
    const rows = await em.find(ContainerTable, {
      where: { remainingG: MoreThan(0) },
      order: { useBy: "ASC", id: "ASC" },
    });
    return withBatches(em, rows);
  },
  getContainer: async (id) => {
    const row = await em.findOneBy(ContainerTable, { id });
    return row ? (await withBatches(em, [row]))[0] : undefined;
  },
  inputsOf: async (batchId) => {
    const rows = await em.find(BatchInputTable, { where: { batchId }, order: { grams: "DESC", id: "ASC" } });
    return rows.map(({ kitchenId: _kitchen, ingredientId, ...row }): BatchInputRecord => ({
      ...row,
      ingredient: ingredientId,
    }));
  },
  addBatch: async (batch, inputs, containers) => {
    await em.insert(BatchTable, { ...batch, allergens: [...batch.allergens], kitchenId });
    await em.insert(
      BatchInputTable,
      inputs.map(({ ingredient, ...input }) => ({ ...input, ingredientId: ingredient, kitchenId })),
    );
    await em.insert(
      ContainerTable,
      containers.map(({ limit, ...container }) => ({ ...container, useByLimit: limit, kitchenId })),
    );
  },
  redate: async (id, { limit, ...to }) => {
    await em.update(ContainerTable, { id }, { ...to, useByLimit: limit });
  },
  getWithdrawal: (id) => getWithdrawal(em, id),
  withdraw: async (withdrawal) => {
    await em.insert(WithdrawalTable, { ...withdrawal, kitchenId });
  },
});

async function withBatches(em: EntityManager, rows: readonly ContainerRow[]): Promise<StoredContainer[]> {
  const ids = [...new Set(rows.map((row) => row.batchId))];
  const batches = new Map((await em.findBy(BatchTable, { id: In(ids) })).map((batch) => [batch.id, batch]));
  return rows.flatMap((row) => {
    const batch = batches.get(row.batchId);
    return batch ? [storedOf(row, batch)] : [];
  });
}

async function getWithdrawal(
  em: EntityManager,
  id: string,
): Promise<(WithdrawalRecord & { readonly undone: boolean }) | undefined> {
  const row = await em.findOneBy(WithdrawalTable, { id });
  if (!row) return undefined;
  const undone = await em.existsBy(WithdrawalTable, { undoes: id });
  const { kitchenId: _kitchen, ...withdrawal } = row;
  return { ...withdrawal, fate: row.fate as WithdrawalRecord["fate"], undone };
}
