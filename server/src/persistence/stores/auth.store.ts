import { setTimeout } from "node:timers/promises";
import type { DataSource, EntityManager } from "typeorm";
import type {
  AuthStore,
  KitchenRecord,
  MemberRecord,
  NewMember,
  NewSession,
  SessionRecord,
} from "../../context/ports/kitchen.store.ts";
import { enterKitchen } from "../enter-kitchen.ts";
import { KitchenTable, MemberTable, SessionTable } from "../tables/kitchen.table.ts";

type MemberFound = { id: string; kitchen_id: string; name: string; password_hash: string };
type KitchenFound = Omit<KitchenRecord, "catalogueRevision" | "timeZone"> & {
  readonly catalogue_revision: number;
  readonly time_zone: string;
  readonly dates_version: number;
};
type SessionFound = { member_id: string; member_name: string; kitchen: KitchenFound };

const kitchenOf = (row: KitchenFound): KitchenRecord => {
  const {
    catalogue_revision: catalogueRevision,
    time_zone: timeZone,
    dates_version: _dated,
    ...kitchen
  } = row;
  return { ...kitchen, catalogueRevision, timeZone };
};

const sessionOf = ({ member_id, member_name, kitchen }: SessionFound): SessionRecord => ({
  memberId: member_id,
  memberName: member_name,
  kitchen: kitchenOf(kitchen),
});

const memberOf = (row: MemberFound): MemberRecord => ({
  id: row.id,
  kitchenId: row.kitchen_id,
  name: row.name,
});

/** Who asks for its health wants an answer within a second, whatever the database does. */
const patienceMs = 800;

/** Any fixed number: two set-ups at once open one kitchen. */
const firstKitchenLock = 7_240_612;

/** Names sign in whatever their case. */
const nameKey = (name: string): string => name.trim().toLowerCase();

type Questions =
  "answers" | "anyKitchen" | "kitchensDatedBefore" | "findMember" | "findDemoMember" | "findSession";

/** What is asked before a kitchen is entered: each a narrow question that the database's owner answers. */
const questionsOf = (source: DataSource): Pick<AuthStore, Questions> => ({
  answers: async () => {
    const answered = source.query("select 1").then(
      () => true,
      () => false,
    );
    return Promise.race([answered, setTimeout(patienceMs, false, { ref: false })]);
  },
  anyKitchen: async () => {
    const [row] = await source.query<{ any: boolean }[]>("select any_kitchen() as any");
    return row?.any ?? false;
  },
  kitchensDatedBefore: async (version) => {
    const rows = await source.query<{ kitchen: KitchenFound }[]>(
      "select kitchens_dated_before($1) as kitchen",
      [version],
    );
    return rows.map((row) => kitchenOf(row.kitchen));
  },
  findMember: async (name) => {
    const [row] = await source.query<MemberFound[]>("select * from find_member($1)", [nameKey(name)]);
    return row && { ...memberOf(row), passwordHash: row.password_hash };
  },
  findDemoMember: async () => {
    const [row] = await source.query<MemberFound[]>("select * from find_demo_member()");
    return row && memberOf(row);
  },
  findSession: async (tokenHash, at) => {
    const [row] = await source.query<SessionFound[]>("select * from find_session($1, $2)", [tokenHash, at]);
    return row && sessionOf(row);
  },
});

export const authStoreOf = (source: DataSource): AuthStore => ({
  ...questionsOf(source),
  beginSignIn: async (subject, free, at) => {
    const [row] = await source.query<{ wait: number }[]>("select begin_sign_in($1, $2, $3) as wait", [
      ...[subject, free, at],
    ]);
    return row?.wait ?? 0;
  },
  forgetSignInTries: async (subject) => {
    await source.query("select forget_sign_in_tries($1)", [subject]);
  },
  openSession: (session, at) => openSession(source, session, at),
  closeSession: (kitchenId, tokenHash) =>
    source.transaction(async (em) => {
      await enterKitchen(em, kitchenId);
      await em.delete(SessionTable, { tokenHash });
    }),
  createFirstKitchen: (kitchen, member) =>
    source.transaction(async (em) => {
      await em.query("select pg_advisory_xact_lock($1)", [firstKitchenLock]);
      const [row] = await em.query<{ any: boolean }[]>("select any_kitchen() as any");
      if (row?.any) return "already-set-up" as const;
      const taken = await em.query<unknown[]>("select * from find_member($1)", [nameKey(member.name)]);
      if (taken.length > 0) return "name-taken" as const;
      await insertKitchen(em, kitchen, [member]);
      return "created" as const;
    }),
  createKitchen: (kitchen, members) => source.transaction((em) => insertKitchen(em, kitchen, members)),
});

const openSession = (source: DataSource, session: NewSession, at: Date): Promise<void> =>
  source.transaction(async (em) => {
    await enterKitchen(em, session.kitchenId);
    await em.query("delete from session where expires_at < $1", [at]);
    await em.insert(SessionTable, { ...session });
  });

async function insertKitchen(
  em: EntityManager,
  kitchen: KitchenRecord,
  members: readonly NewMember[],
): Promise<void> {
  await enterKitchen(em, kitchen.id);
  await em.insert(KitchenTable, {
    ...kitchen,
    revision: String(kitchen.revision),
    catalogueRevision: String(kitchen.catalogueRevision),
  });
  await em.insert(
    MemberTable,
    members.map((member) => ({ ...member, nameKey: nameKey(member.name) })),
  );
}
