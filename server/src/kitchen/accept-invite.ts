import type { InputOf } from "@apron/contract";
import { accept, refuse } from "@apron/core/measure";
import type { Context } from "hono";
import type { AccountRecord, FoundInvite, NewAccount } from "../context/ports/people.store.ts";
import { conflict, type Answer } from "../context/refusal.ts";
import type { SecurityEventKind } from "../context/ports/security-event.ts";
import type { Deps } from "../context/request-context.ts";
import type { Stores } from "../context/stores.ts";
import { later, problemReply } from "../http/problem.ts";
import { sessionOf } from "../http/sessions.ts";
import { codeHash } from "./invite-code.ts";
import { hashPassword, isCommonPassword } from "./passwords.ts";
import { countCodeTry } from "./sign-in-tries.ts";
import { memberOf, welcome, whoIs } from "./sign-in.ts";

type Body = InputOf<"acceptInvite">["body"];

/** The invitation that a code stands for, or the answer that says no; who guesses has to wait. */
async function findInvite(c: Context, code: string, deps: Deps): Promise<FoundInvite | Response> {
  const waitS = await countCodeTry(c, deps);
  if (waitS > 0) return later(c, 429, { code: "too-many-tries", waitS });
  const invite = await deps.database.accounts.findInvite(codeHash(code), deps.now());
  return invite ?? problemReply(c, { status: 404, code: "invite-unknown", field: "code" });
}

export async function lookAtInvite(
  c: Context,
  { body }: InputOf<"lookAtInvite">,
  deps: Deps,
): Promise<Response> {
  const invite = await findInvite(c, body.code, deps);
  if (invite instanceof Response) return invite;
  const { kind, kitchenName: kitchen, role, expiresAt, account } = invite;
  return c.json({ kind, kitchen, role, whose: account?.name ?? "", expiresAt: expiresAt.toISOString() });
}

/** Who uses the code: somebody new, somebody with an account, or whoever is signed in. */
async function joiner(
  c: Context,
  as: Body["as"],
  deps: Deps,
): Promise<{ readonly account: AccountRecord; readonly fresh?: NewAccount } | Response> {
  if (as.kind === "new") {
    if (isCommonPassword(as.password))
      return problemReply(c, { status: 422, code: "password-common", field: "as.password" });
    const account = { id: deps.newId(), name: as.name };
    return {
      account,
      fresh: { ...account, passwordHash: await hashPassword(as.password), createdAt: deps.now() },
    };
  }
  if (as.kind === "known") {
    const account = await whoIs(c, as, deps);
    return account instanceof Response ? account : { account };
  }
  const session = as.kind === "signed-in" ? await sessionOf(c, deps) : undefined;
  return session
    ? { account: { id: session.accountId, name: session.memberName } }
    : problemReply(c, { status: 401, code: "session-expired" });
}

/** Ends the invitation and does what it allows, both or neither: a code works once, however many use it at once. */
const once = (
  invite: FoundInvite,
  deps: Deps,
  work: (stores: Stores) => Promise<Answer<true>>,
): Promise<Answer<true>> =>
  deps.database.change(invite.kitchenId, async (stores) =>
    (await stores.people.endInvite(invite.id, deps.now()))
      ? work(stores)
      : refuse({ status: 404, code: "invite-unknown", field: "code" }),
  );

const noteIn = (
  stores: Stores,
  deps: Deps,
  [kind, who]: readonly [SecurityEventKind, string],
): Promise<void> => stores.people.note({ id: deps.newId(), at: deps.now(), kind, who, whom: "" });

async function join(
  c: Context,
  { invite, as }: { readonly invite: FoundInvite; readonly as: Body["as"] },
  deps: Deps,
): Promise<Response> {
  const found = await joiner(c, as, deps);
  if (found instanceof Response) return found;
  const { account, fresh } = found;
  const before = await deps.database.accounts.kitchensOf(account.id);
  // The demo's cooks have a password that everybody knows.
  if (before.some((kitchen) => kitchen.demo))
    return problemReply(c, { status: 403, code: "not-in-the-demo" });
  if (before.some((kitchen) => kitchen.kitchenId === invite.kitchenId))
    return problemReply(c, { status: 409, code: "member-already" });
  const member = {
    id: deps.newId(),
    name: account.name,
    role: invite.role,
    since: deps.now(),
    accountId: account.id,
  };
  const joined = await once(invite, deps, async (stores) => {
    if (!(await stores.people.join(member, fresh))) return conflict("name-taken");
    await noteIn(stores, deps, ["joined", account.name]);
    return accept(true);
  });
  if (!joined.ok) return problemReply(c, { ...joined.issue, field: joined.issue.field ?? "as.name" });
  return welcome(c, { ...member, kitchenId: invite.kitchenId }, deps);
}

async function setNewPassword(
  c: Context,
  { invite, password }: { readonly invite: FoundInvite; readonly password: string },
  deps: Deps,
): Promise<Response> {
  const { account, kitchenId } = invite;
  if (isCommonPassword(password) || !account)
    return problemReply(c, { status: 422, code: "password-common", field: "as.password" });
  const passwordHash = await hashPassword(password);
  const set = await once(invite, deps, async (stores) => {
    await stores.accounts.setPassword(account.id, passwordHash);
    await stores.accounts.endOtherSessions(account.id, null);
    await noteIn(stores, deps, ["password-reset", account.name]);
    return accept(true);
  });
  if (!set.ok) return problemReply(c, set.issue);
  const kitchens = await deps.database.accounts.kitchensOf(account.id);
  const kitchen = kitchens.find((one) => one.kitchenId === kitchenId) ?? kitchens[0];
  return kitchen
    ? welcome(c, memberOf(account, kitchen), deps)
    : problemReply(c, { status: 403, code: "in-no-kitchen" });
}

/** Joins a kitchen, or sets a new password; the code is gone with it. */
export async function acceptInvite(
  c: Context,
  { body }: InputOf<"acceptInvite">,
  deps: Deps,
): Promise<Response> {
  const invite = await findInvite(c, body.code, deps);
  if (invite instanceof Response) return invite;
  const { as } = body;
  if ((invite.kind === "password") !== (as.kind === "new-password"))
    return problemReply(c, { status: 409, code: "invite-is-for-something-else", field: "code" });
  return as.kind === "new-password"
    ? setNewPassword(c, { invite, password: as.password }, deps)
    : join(c, { invite, as }, deps);
}
