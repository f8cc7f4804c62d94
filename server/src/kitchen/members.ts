import { accept, refuse } from "@apron/core/measure";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import type { Stores } from "../context/stores.ts";
import type { InviteRecord, MemberOfKitchen } from "../context/ports/people.store.ts";
import { codeHash, newCode } from "./invite-code.ts";
import { note } from "./security-events.ts";

const msPerDay = 24 * 60 * 60 * 1000;
const inviteDays = 7;
const resetDays = 1;

/** May still do something here: has not left, and can sign in. */
const isActive = (member: MemberOfKitchen): boolean => member.leftAt === null && member.accountId !== null;

export const listMembers: UseCase<"listMembers"> = async (_input, { stores, session, now }) => {
  const members = await stores.people.members();
  const invites = session.role === "owner" ? await stores.people.openInvites(now) : [];
  const nameOf = (accountId: string | null): string =>
    members.find((member) => member.accountId === accountId && accountId !== null)?.name ?? "";
  return accept({
    members: members.map((member) => ({
      id: member.id,
      name: member.name,
      role: member.role,
      since: member.since.toISOString(),
      isYou: member.id === session.memberId,
      hasLeft: !isActive(member),
    })),
    invites: invites.map(({ id, kind, role, expiresAt, accountId }) => ({
      ...{ id, kind, role, expiresAt: expiresAt.toISOString(), whose: nameOf(accountId) },
    })),
  });
};

/** Keeps an invitation's digest, and says its code this once. */
export async function invite(
  about: Pick<InviteRecord, "kind" | "role" | "accountId"> & { readonly days: number },
  { stores, newId, now }: { readonly stores: Pick<Stores, "people"> } & Pick<RequestContext, "newId" | "now">,
): Promise<{ id: string; code: string; expiresAt: string }> {
  const { days, ...rest } = about;
  const [id, code] = [newId(), newCode()];
  const expiresAt = new Date(now.getTime() + days * msPerDay);
  await stores.people.invite({ ...rest, id, codeHash: codeHash(code), createdAt: now, expiresAt });
  return { id, code, expiresAt: expiresAt.toISOString() };
}

/** Invitations that may stand at once: a household's worth. */
const mostInvites = 20;

export const makeInvite: UseCase<"makeInvite"> = async ({ body }, context) => {
  // Its cooks sign in by a button: who comes from there has no password that only they know.
  if (context.session.kitchen.demo) return refuse({ status: 403, code: "not-in-the-demo" });
  if ((await context.stores.people.openInvites(context.now)).length >= mostInvites)
    return conflict("too-many-invites", { atMost: mostInvites });
  await note("invited", "", context);
  return accept(await invite({ kind: "join", role: body.role, accountId: null, days: inviteDays }, context));
};

export const endInvite: UseCase<"endInvite"> = async ({ params }, context) => {
  if (!(await context.stores.people.endInvite(params.id, context.now))) return notFound("invite-unknown");
  await note("invite-ended", "", context);
  return accept({ done: true });
};

const activeMember = async (
  id: string,
  context: RequestContext,
): Promise<Answer<MemberOfKitchen & { readonly others: readonly MemberOfKitchen[] }>> => {
  const active = (await context.stores.people.members()).filter(isActive);
  const member = active.find((one) => one.id === id);
  const others = active.filter((one) => one.id !== id);
  return member ? accept({ ...member, others }) : notFound("member-unknown");
};

type Found = MemberOfKitchen & { readonly others: readonly MemberOfKitchen[] };
const isLastOwner = ({ role, others }: Found): boolean =>
  role === "owner" && others.every((other) => other.role !== "owner");

export const changeRole: UseCase<"changeRole"> = async ({ params, body }, context) => {
  const member = await activeMember(params.id, context);
  if (!member.ok) return member;
  if (body.role === "cook" && isLastOwner(member.value)) return conflict("last-owner");
  await context.stores.people.setRole(params.id, body.role);
  await note("role-changed", member.value.name, context);
  return accept({ done: true });
};

/** An owner has anybody leave, anybody leaves by themselves; what they wrote into the ledger keeps their name. */
export const removeMember: UseCase<"removeMember"> = async ({ params }, context) => {
  const { session, stores } = context;
  const isSelf = params.id === session.memberId;
  if (!isSelf && session.role !== "owner") return refuse({ status: 403, code: "owners-only" });
  const member = await activeMember(params.id, context);
  if (!member.ok) return member;
  if (isLastOwner(member.value)) return conflict("last-owner");
  await stores.people.leave(params.id, context.now);
  await note(isSelf ? "left" : "removed", isSelf ? "" : member.value.name, context);
  return accept({ done: true });
};

/**
 * A code with which a cook sets a new password: the owner never knows it. Of somebody who belongs to a kitchen of others, too, no
 * owner of this one may have the password changed: that would be a way into the other.
 */
export const resetPassword: UseCase<"resetPassword"> = async ({ params }, context) => {
  if (context.session.kitchen.demo) return refuse({ status: 403, code: "not-in-the-demo" });
  const member = await activeMember(params.id, context);
  if (!member.ok) return member;
  const { accountId, name } = member.value;
  if (accountId === null) return notFound("member-unknown");
  const mine = new Set(
    (await context.stores.accounts.kitchensOf(context.session.accountId))
      .filter((kitchen) => kitchen.role === "owner")
      .map((kitchen) => kitchen.kitchenId),
  );
  const theirs = await context.stores.accounts.kitchensOf(accountId);
  if (theirs.some((kitchen) => !mine.has(kitchen.kitchenId))) return conflict("belongs-elsewhere");
  await note("password-reset-offered", name, context);
  return accept(
    await invite({ kind: "password", role: member.value.role, accountId, days: resetDays }, context),
  );
};
