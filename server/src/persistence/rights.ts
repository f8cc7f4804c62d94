import { createHash, createHmac } from "node:crypto";
import type { EntityManager } from "typeorm";

/**
 * The serving role: it cannot bypass row security, and owns nothing. Its name and its password follow from the owner's address, so
 * that every process derives the same, and two installs on one database server have a role of their own each.
 */
export function servingRole(ownerUrl: string): { readonly name: string; readonly password: string } {
  const url = new URL(ownerUrl);
  const install = `${url.username} ${url.pathname}`;
  const digest = createHash("sha256").update(install).digest("hex").slice(0, 12);
  const secret = decodeURIComponent(url.password);
  if (secret === "") throw new Error("The database's owner has no password in DATABASE_URL: give it one.");
  return {
    name: `apron_app_${digest}`,
    password: createHmac("sha256", secret).update(`apron_app ${install}`).digest("hex"),
  };
}

/** Kept for good: rows are added, and read. */
const addedTo = [
  ...["kitchen", "member", "idempotency_record", "invite", "security_event"],
  ...["lot", "entry", "trim", "trim_part", "trim_withdrawal", "bed"],
  ...["recipe_version", "batch", "batch_input", "container", "withdrawal", "cook_event"],
  ...["meal_plan"],
];
/** Rows that stand for something as it is now. */
const changed = ["scale", "recipe", "planned_dish"];
const comesAndGoes = [
  ...["own_ingredient", "own_figure", "recipe_photo", "batch_photo", "plan", "cook_time", "shopping_item"],
];
const addedAndDropped = ["session", "spoilage", "dressing_weighing"];

const columns: Readonly<Record<string, string>> = {
  kitchen:
    "name, dialect, units, cup, currency, settings, revision, locale, catalogue_revision, time_zone, dates_version, delete_after",
  member: "role, left_at",
  invite: "ended_at",
  idempotency_record: "reply",
  lot: "place, note, spoils_on, best_before, label, moved, cloth_refreshes",
  bed: "name, state, next_on, next_g",
  batch: "note, next_time, undone_at",
  container: "use_by, use_by_limit, reason, source, practice_from, practice_to, must_never, thaw_days",
};

const doors = [
  ...["any_kitchen", "kitchens_dated_before", "begin_sign_in", "forget_sign_in_tries", "find_demo_member"],
  ...["find_account", "password_of", "set_password", "add_account", "remove_account", "kitchens_of"],
  ...["find_session", "seen_session", "sessions_of", "end_session", "end_other_sessions", "switch_session"],
  ...["find_invite", "delete_due_kitchens", "prune"],
];

/**
 * Gives the serving role what it may, and nothing else: at every start, since a database that was restored from a dump has no
 * rights in it, and one that was upgraded may have too many.
 */
export async function giveRights(em: EntityManager, role: string): Promise<void> {
  const to = (rights: string, tables: readonly string[]): string =>
    `grant ${rights} on ${tables.join(", ")} to ${role};`;
  await em.query(`
    revoke all on all tables in schema public from public, ${role};
    revoke all on all sequences in schema public from public, ${role};
    revoke all on all functions in schema public from public, ${role};
    grant usage on schema public to ${role};
    grant usage on all sequences in schema public to ${role};
    ${to("select, insert", addedTo)}
    ${to("select, insert, update", changed)}
    ${to("select, insert, update, delete", comesAndGoes)}
    ${to("select, insert, delete", addedAndDropped)}
    ${Object.entries(columns)
      .map(([table, which]) => to(`update (${which})`, [table]))
      .join("\n")}
    grant execute on function ${doors.join(", ")} to ${role};
  `);
}

/** The one role of earlier versions, shared by all installs of a server: it may do nothing in this database any more. */
export async function retireSharedRole(em: EntityManager): Promise<void> {
  const [known] = await em.query<unknown[]>("select from pg_roles where rolname = 'apron_app'");
  if (!known) return;
  await em.query(`
    revoke all on all tables in schema public from apron_app;
    revoke all on all sequences in schema public from apron_app;
    revoke all on all functions in schema public from apron_app;
  `);
}
