import type { EntityManager } from "typeorm";
import { In } from "typeorm";
import type {
  LearnedWeighing,
  TrimPartRecord,
  TrimRecord,
  TrimStore,
} from "../../context/ports/trim.store.ts";
import { TrimPartTable, TrimTable, TrimWithdrawalTable, type TrimRow } from "../tables/trim.table.ts";

const trimOf = ({ kitchenId: _kitchen, seq: _seq, ingredientId, ...row }: TrimRow): TrimRecord => ({
  ...row,
  ingredient: ingredientId,
  grade: row.grade as TrimRecord["grade"],
  juices: row.juices as TrimRecord["juices"],
});

export const trimStoreOf = (em: EntityManager, kitchenId: string): TrimStore => ({
  learned: (ingredients) => learned(em, ingredients),
  get: async (id) => {
    const row = await em.findOneBy(TrimTable, { id });
    return row
      ? { ...trimOf(row), withdrawn: await em.existsBy(TrimWithdrawalTable, { trimId: id }) }
      : undefined;
  },
  partsOf: async (trimId) =>
    (await em.findBy(TrimPartTable, { trimId })).map(({ kitchenId: _kitchen, ...row }) => ({
      ...row,
      fate: row.fate as TrimPartRecord["fate"],
    })),
  withdraw: async (withdrawal) => {
    await em.insert(TrimWithdrawalTable, { ...withdrawal, kitchenId });
  },
  add: async ({ ingredient, ...trim }, parts) => {
    await em.insert(TrimTable, { ...trim, kitchenId, ingredientId: ingredient });
    if (parts.length > 0)
      await em.insert(
        TrimPartTable,
        parts.map((part) => ({ ...part, kitchenId })),
      );
  },
});

async function learned(
  em: EntityManager,
  ingredients: readonly string[] | "all",
): Promise<LearnedWeighing[]> {
  const rows = await em.find(TrimTable, {
    where: { learned: true, ...(ingredients === "all" ? {} : { ingredientId: In([...ingredients]) }) },
    order: { at: "ASC", seq: "ASC" },
  });
  const withdrawn = new Set((await em.find(TrimWithdrawalTable)).map((w) => w.trimId));
  return rows
    .filter((row) => !withdrawn.has(row.id))
    .map((row) => ({
      trimId: row.id,
      ingredient: row.ingredientId,
      method: row.method,
      grade: row.grade as LearnedWeighing["grade"],
      juices: row.juices as LearnedWeighing["juices"],
      fraction: row.usableG / row.rawG,
      at: row.at,
    }));
}
