import type { InputOf } from "@apron/contract";
import type { Context } from "hono";
import type { AccountRecord, Membership } from "../context/ports/people.store.ts";
import type { MemberRecord } from "../context/ports/kitchen.store.ts";
import type { SecurityEventKind } from "../context/ports/security-event.ts";
import type { Deps } from "../context/request-context.ts";
import { later, problemReply } from "../http/problem.ts";
import { noteFrom } from "../http/security-note.ts";
import { openSession, presentSession } from "../http/sessions.ts";
import { passwordFits } from "./passwords.ts";
import { countTry, forgetTries } from "./sign-in-tries.ts";

/** Whose name and password these are, or the answer that says no: the same for names that exist and that do not. */
export async function whoIs(
  c: Context,
  { name, password }: { readonly name: string; readonly password: string },
  deps: Deps,
): Promise<AccountRecord | Response> {
  const waitS = await countTry(c, name, deps);
  if (waitS > 0) return later(c, 429, { code: "too-many-tries", waitS });
  const account = await deps.database.accounts.find(name);
  const fits = await passwordFits(account?.passwordHash, password);
  if (!account || !fits) {
    if (account) await noteFor(account, "sign-in-failed", deps);
    return problemReply(c, { status: 401, code: "sign-in-wrong", field: "password" });
  }
  await forgetTries(c, name, deps);
  return account;
}

/** In each of the kitchens that a person belongs to. */
async function noteFor(account: AccountRecord, kind: SecurityEventKind, deps: Deps): Promise<void> {
  for (const { kitchenId } of await deps.database.accounts.kitchensOf(account.id))
    await noteFrom({ kitchenId, kind, who: account.name }, deps);
}

export const memberOf = (account: AccountRecord, kitchen: Membership): MemberRecord => ({
  id: kitchen.memberId,
  kitchenId: kitchen.kitchenId,
  name: account.name,
  accountId: account.id,
});

/** Into the first kitchen of theirs, their own before the demo's; the others are one choice away. */
export async function signIn(c: Context, { body }: InputOf<"signIn">, deps: Deps): Promise<Response> {
  const account = await whoIs(c, body, deps);
  if (account instanceof Response) return account;
  const [kitchen] = await deps.database.accounts.kitchensOf(account.id);
  if (!kitchen) return problemReply(c, { status: 403, code: "in-no-kitchen", field: "name" });
  return welcome(c, memberOf(account, kitchen), deps);
}

/** Opens a session, notes it, and says whose it is. */
export async function welcome(c: Context, member: MemberRecord, deps: Deps): Promise<Response> {
  const session = await openSession(c, member, deps);
  if (!session) return problemReply(c, { status: 401, code: "session-expired" });
  await noteFrom({ kitchenId: member.kitchenId, kind: "signed-in", who: member.name }, deps);
  return c.json(presentSession(session), 201);
}
