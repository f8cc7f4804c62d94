import { setTimeout } from "node:timers/promises";
import type { DataSource } from "typeorm";
import type { AuthStore, FoundSession, MemberRecord, NewSession } from "../../context/ports/kitchen.store.ts";
import { enterKitchen } from "../enter-kitchen.ts";
import { nameKey } from "../name-key.ts";
import { SecurityEventTable, SessionTable } from "../tables/people.table.ts";
import { insertKitchen } from "./insert-kitchen.ts";
import { kitchenOf, type KitchenFound } from "./kitchen-record.ts";

type MemberFound = { id: string; kitchen_id: string; name: string; account_id: string };
type SessionFound = {
  id: string;
  account_id: string | null;
  member_id: string;
  member_name: string;
  role: FoundSession["role"];
  seen_at: Date;
  kitchen: KitchenFound;
};

const sessionOf = (row: SessionFound): FoundSession => ({
  id: row.id,
  accountId: row.account_id ?? "",
  memberId: row.member_id,
  memberName: row.member_name,
  role: row.role,
  seenAt: row.seen_at,
  kitchen: kitchenOf(row.kitchen),
});

const memberOf = (row: MemberFound): MemberRecord => ({
  id: row.id,
  kitchenId: row.kitchen_id,
  name: row.name,
  accountId: row.account_id,
});

/** Who asks for its health wants an answer within a second, whatever the database does. */
const patienceMs = 800;

/** Any fixed number: two set-ups at once open one kitchen. */
const firstKitchenLock = 7_240_612;

type Questions = "answers" | "anyKitchen" | "kitchensDatedBefore" | "findDemoMember" | "findSession";

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
  findDemoMember: async () => {
    const [row] = await source.query<MemberFound[]>("select * from find_demo_member()");
    return row && memberOf(row);
  },
  findSession: async (tokenHash, at) => {
    const [row] = await source.query<SessionFound[]>("select * from find_session($1, $2)", [tokenHash, at]);
    return row && sessionOf(row);
  },
});

type Housekeeping = Pick<AuthStore, "deleteDueKitchens" | "note" | "prune">;
const housekeepingOf = (source: DataSource): Housekeeping => ({
  deleteDueKitchens: async (at) => {
    const [row] = await source.query<{ deleted: number }[]>("select delete_due_kitchens($1) as deleted", [
      at,
    ]);
    return row?.deleted ?? 0;
  },
  note: (kitchenId, event) =>
    source.transaction(async (em) => {
      await enterKitchen(em, kitchenId);
      await em.insert(SecurityEventTable, { ...event, kitchenId });
    }),
  prune: async (at) => {
    await source.query("select prune($1)", [at]);
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
  seenSession: async (tokenHash, at) => {
    await source.query("select seen_session($1, $2)", [tokenHash, at]);
  },
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
      const taken = await em.query<unknown[]>("select * from find_account($1)", [nameKey(member.name)]);
      if (taken.length > 0) return "name-taken" as const;
      await insertKitchen(em, kitchen, [member]);
      return "created" as const;
    }),
  createKitchen: (kitchen, members) => source.transaction((em) => insertKitchen(em, kitchen, members)),
  ...housekeepingOf(source),
});

const openSession = (source: DataSource, session: NewSession, at: Date): Promise<void> =>
  source.transaction(async (em) => {
    await enterKitchen(em, session.kitchenId);
    await em.query("delete from session where expires_at < $1", [at]);
    await em.insert(SessionTable, { ...session, openedAt: at, seenAt: at });
  });
