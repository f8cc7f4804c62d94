import type { EntityManager } from "typeorm";
import type { KitchenRecord, NewMember } from "../../context/ports/kitchen.store.ts";
import type { NewAccount } from "../../context/ports/people.store.ts";
import { enterKitchen } from "../enter-kitchen.ts";
import { nameKey } from "../name-key.ts";
import { KitchenTable } from "../tables/kitchen.table.ts";
import { MemberTable } from "../tables/people.table.ts";

/** False where somebody signs in by that name already. */
export async function addAccount(em: EntityManager, account: NewAccount): Promise<boolean> {
  const { id, name, passwordHash, createdAt } = account;
  const [row] = await em.query<{ added: boolean }[]>("select add_account($1, $2, $3, $4, $5) as added", [
    ...[id, name, nameKey(name), passwordHash, createdAt],
  ]);
  return row?.added ?? false;
}

export async function insertKitchen(
  em: EntityManager,
  kitchen: KitchenRecord,
  members: readonly NewMember[],
): Promise<void> {
  await enterKitchen(em, kitchen.id);
  await em.insert(KitchenTable, {
    ...kitchen,
    revision: String(kitchen.revision),
    catalogueRevision: String(kitchen.catalogueRevision),
    deleteAfter: null,
  });
  for (const { id, kitchenId, name, role, createdAt, passwordHash } of members) {
    if (!(await addAccount(em, { id, name, passwordHash, createdAt })))
      throw new Error(`bug: ${name} is taken`);
    await em.insert(MemberTable, { id, kitchenId, name, role, createdAt, accountId: id, leftAt: null });
  }
}
