import type { EntityManager } from "typeorm";
import { In, MoreThan } from "typeorm";
import type {
  BatchInputRecord,
  ContainerRecord,
  LarderStore,
  StoredContainer,
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
  name: batch.name,
  dish: batch.kind as StoredContainer["dish"],
  madeOn: batch.madeOn,
  recipeId: batch.recipeId,
  recipeVersion: batch.recipeVersion,
  allergens: batch.allergens,
});

export const larderStoreOf = (em: EntityManager, kitchenId: string): LarderStore => ({
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
    const rows = await em.find(BatchInputTable, { where: { batchId }, order: { grams: "DESC" } });
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
