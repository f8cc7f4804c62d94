import { setTimeout } from "node:timers/promises";
import type { DataSource } from "typeorm";
import { dataSourceFor } from "./data-source.ts";
import { giveRights, retireSharedRole, servingRole } from "./rights.ts";
import { isAway, sqlState } from "../context/sql-state.ts";

/** Any fixed number: two processes starting together must not migrate at once. */
const migrationLock = 7_240_611;

/** The same database, as the role that cannot bypass row-level security. */
export function appUrlFor(ownerUrl: string): string {
  const url = new URL(ownerUrl);
  const { name, password } = servingRole(ownerUrl);
  url.password = password;
  url.username = name;
  return url.href;
}

/**
 * Brings the schema up to date as the owner and sees to the serving role and its rights. Needs a user that may create roles.
 * Safe to run from several processes at once.
 */
export async function migrate(ownerUrl: string): Promise<void> {
  const owner = await dataSourceFor(ownerUrl, 2).initialize();
  const runner = owner.createQueryRunner();
  const role = servingRole(ownerUrl);
  try {
    await runner.query("select pg_advisory_lock($1)", [migrationLock]);
    const known = new Set(owner.migrations.map(({ name }) => name));
    const newer = (await executedMigrations(owner)).find((name) => !known.has(name));
    if (newer !== undefined) throw new NewerData(newer);
    await ensureRole(owner, role);
    await owner.runMigrations();
    await owner.transaction(async (em) => {
      await retireSharedRole(em);
      await giveRights(em, role.name);
    });
  } finally {
    await runner.query("select pg_advisory_unlock($1)", [migrationLock]);
    await runner.release();
    await owner.destroy();
  }
}

/** A database that is being started again is back before this; one that is not is somebody's to look at. */
const backWithinMs = 60_000;

/** Waits for a database that is starting, or away for a moment; throws what it says where it is away for longer, or says no. */
export async function databaseAnswers(ownerUrl: string): Promise<void> {
  for (const begun = Date.now(); ; await setTimeout(300)) {
    try {
      await (await dataSourceFor(ownerUrl, 1).initialize()).destroy();
      return;
    } catch (error) {
      if (!isAway(sqlState(error)) || Date.now() - begun > backWithinMs) throw error;
    }
  }
}

/** The data was written by a version that comes after this one: nothing of it is touched. */
export class NewerData extends Error {
  constructor(migration: string) {
    super(
      `The data was written by a newer version of the program (${migration}). Start that version, or restore a backup of before.`,
    );
  }
}

async function executedMigrations(owner: DataSource): Promise<string[]> {
  const [table] = await owner.query<{ found: string | null }[]>(
    "select to_regclass('public.migrations') as found",
  );
  if (!table?.found) return [];
  return (await owner.query<{ name: string }[]>("select name from migrations")).map(({ name }) => name);
}

/** Would bringing the schema up to date change tables that hold something? */
export async function changesTables(ownerUrl: string): Promise<boolean> {
  const owner = await dataSourceFor(ownerUrl, 1).initialize();
  try {
    const executed = await executedMigrations(owner);
    return executed.length > 0 && owner.migrations.some(({ name }) => !executed.includes(name ?? ""));
  } finally {
    await owner.destroy();
  }
}

/** SQLSTATEs of two processes, perhaps on two databases, seeing to the same role at once. */
const rivalStates = ["42710", "23505", "XX000"];
const mostTries = 10;

/**
 * Creates the serving role or gives it its password. Roles belong to the whole cluster, so the lock on this
 * database does not keep rivals out: whoever loses tries again and finds the role there.
 */
async function ensureRole(
  owner: DataSource,
  { name, password }: ReturnType<typeof servingRole>,
): Promise<void> {
  for (let tries = 1; ; tries++) {
    const found = await owner.query<unknown[]>("select from pg_roles where rolname = $1", [name]);
    const verb = found.length > 0 ? "alter" : "create";
    try {
      // A new role can neither bypass row security nor create anything unless told so; nothing here tells it so.
      await owner.query(`${verb} role ${name} login password '${password}'`);
      return;
    } catch (error) {
      if (tries === mostTries || !rivalStates.includes(sqlState(error))) throw error;
      await setTimeout(20 * tries);
    }
  }
}
