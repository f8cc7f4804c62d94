import type { DataSource, EntityManager } from "typeorm";
import type { AccountStore, FoundInvite, Membership, OpenSession } from "../../context/ports/people.store.ts";
import { nameKey } from "../name-key.ts";

type AccountFound = { id: string; name: string; password_hash: string };
type KitchenFound = {
  member_id: string;
  kitchen_id: string;
  kitchen_name: string;
  role: Membership["role"];
  demo: boolean;
  owners: number;
};
type SessionFound = { id: string; kitchen_name: string; device: string; opened_at: Date; seen_at: Date };
type InviteFound = {
  id: string;
  kitchen_id: string;
  kitchen_name: string;
  kind: FoundInvite["kind"];
  role: FoundInvite["role"];
  expires_at: Date;
  account_id: string | null;
  account_name: string | null;
};

const membershipOf = (row: KitchenFound): Membership => ({
  memberId: row.member_id,
  kitchenId: row.kitchen_id,
  kitchenName: row.kitchen_name,
  role: row.role,
  demo: row.demo,
  owners: row.owners,
});

const openSessionOf = ({ id, kitchen_name, device, opened_at, seen_at }: SessionFound): OpenSession => ({
  ...{ id, device, kitchenName: kitchen_name, openedAt: opened_at, seenAt: seen_at },
});

const inviteOf = (row: InviteFound): FoundInvite => ({
  ...{ id: row.id, kind: row.kind, role: row.role },
  kitchenId: row.kitchen_id,
  kitchenName: row.kitchen_name,
  expiresAt: row.expires_at,
  account: row.account_id === null ? null : { id: row.account_id, name: row.account_name ?? "" },
});

/** Asks one of the database owner's doors (see the migrations), and gives its rows. */
const askerOf =
  (source: DataSource | EntityManager) =>
  <Row>(door: string, ...given: unknown[]): Promise<Row[]> =>
    source.query<Row[]>(`select * from ${door}(${given.map((_, i) => `$${i + 1}`).join(", ")})`, given);

export function accountStoreOf(source: DataSource | EntityManager): AccountStore {
  const ask = askerOf(source);
  const isTrue = async (door: string, ...given: unknown[]): Promise<boolean> => {
    const [row] = await ask<Record<string, boolean>>(door, ...given);
    return row?.[door] ?? false;
  };
  return {
    find: async (name) => {
      const [row] = await ask<AccountFound>("find_account", nameKey(name));
      return row && { id: row.id, name: row.name, passwordHash: row.password_hash };
    },
    passwordOf: async (id) => {
      const [row] = await ask<{ password_of: string | null }>("password_of", id);
      return row?.password_of ?? undefined;
    },
    setPassword: async (id, hash) => {
      await ask("set_password", id, hash);
    },
    kitchensOf: async (id) => (await ask<KitchenFound>("kitchens_of", id)).map(membershipOf),
    sessionsOf: async (id, at) => (await ask<SessionFound>("sessions_of", id, at)).map(openSessionOf),
    endSession: (id, session) => isTrue("end_session", id, session),
    endOtherSessions: async (id, kept) => {
      await ask("end_other_sessions", id, kept);
    },
    switchSession: (session, id, member) => isTrue("switch_session", session, id, member),
    findInvite: async (codeHash, at) => {
      const [row] = await ask<InviteFound>("find_invite", codeHash, at);
      return row && inviteOf(row);
    },
    remove: async (id, at) => {
      await ask("remove_account", id, at);
    },
  };
}
