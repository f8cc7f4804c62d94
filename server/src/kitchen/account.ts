import { accept, refuse } from "@apron/core/measure";
import type { KitchenRecord } from "../context/ports/kitchen.store.ts";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { hashPassword, isCommonPassword, passwordFits } from "./passwords.ts";
import { note } from "./security-events.ts";

const inDemo = refuse({ status: 403, code: "not-in-the-demo" } as const);

/** It is their own password: asked again before what cannot be taken back. */
async function isOwnPassword(
  password: string,
  field: string,
  context: RequestContext,
): Promise<Answer<true>> {
  const stored = await context.stores.accounts.passwordOf(context.session.accountId);
  return (await passwordFits(stored, password))
    ? accept(true)
    : refuse({ status: 422, code: "password-wrong", field });
}

export const changePassword: UseCase<"changePassword"> = async ({ body }, context) => {
  const { session, stores } = context;
  if (session.kitchen.demo) return inDemo;
  if (isCommonPassword(body.password))
    return refuse({ status: 422, code: "password-common", field: "password" });
  const own = await isOwnPassword(body.now, "now", context);
  if (!own.ok) return own;
  await stores.accounts.setPassword(session.accountId, await hashPassword(body.password));
  await stores.accounts.endOtherSessions(session.accountId, session.id);
  await note("password-changed", "", context);
  return accept({ done: true });
};

export const listSessions: UseCase<"listSessions"> = async (_input, { stores, session, now }) => {
  const sessions = await stores.accounts.sessionsOf(session.accountId, now);
  return accept({
    sessions: sessions.map(({ id, kitchenName, device, openedAt, seenAt }) => ({
      ...{ id, kitchen: kitchenName, device, isThis: id === session.id },
      ...{ openedAt: openedAt.toISOString(), seenAt: seenAt.toISOString() },
    })),
  });
};

export const endSession: UseCase<"endSession"> = async ({ params }, context) => {
  const ended = await context.stores.accounts.endSession(context.session.accountId, params.id);
  if (!ended) return notFound("session-unknown");
  await note("sessions-ended", "", context);
  return accept({ done: true });
};

export const endOtherSessions: UseCase<"endOtherSessions"> = async (_input, context) => {
  await context.stores.accounts.endOtherSessions(context.session.accountId, context.session.id);
  await note("sessions-ended", "", context);
  return accept({ done: true });
};

export const listKitchens: UseCase<"listKitchens"> = async (_input, { stores, session }) => {
  const kitchens = await stores.accounts.kitchensOf(session.accountId);
  return accept({
    kitchens: kitchens.map(({ memberId, kitchenName, role, demo }) => ({
      ...{ member: memberId, name: kitchenName, role, demo, isThis: memberId === session.memberId },
    })),
  });
};

export const switchKitchen: UseCase<"switchKitchen"> = async ({ body }, { stores, session }) => {
  const isTheirs = await stores.accounts.switchSession(session.id, session.accountId, body.member);
  return isTheirs ? accept({ done: true }) : notFound("kitchen-unknown", "member");
};

/** Kitchens that one person may have: a home, an allotment, a stall, and room for more. */
const mostKitchens = 12;

/** Begins with the settings of the kitchen it is opened from. */
export const openKitchen: UseCase<"openKitchen"> = async ({ body }, context) => {
  const { session, stores, now } = context;
  if (session.kitchen.demo) return inDemo;
  if ((await stores.accounts.kitchensOf(session.accountId)).length >= mostKitchens)
    return conflict("too-many-kitchens", { atMost: mostKitchens });
  const { meanings: _meanings, ounces: _ounces, ...settings } = session.kitchen.settings;
  const fresh = { demo: false, revision: 0, catalogueRevision: 0, deleteAfter: null } as const;
  const kitchen: KitchenRecord = {
    ...session.kitchen,
    ...fresh,
    id: context.newId(),
    name: body.name,
    settings,
  };
  const { accountId, memberName: name } = session;
  const owner = { id: context.newId(), kitchenId: kitchen.id, name, accountId };
  await stores.people.openKitchen(kitchen, owner, now);
  await stores.accounts.switchSession(session.id, accountId, owner.id);
  return accept({ done: true });
};

/** Refused while a kitchen would be left without an owner: it is handed over, or deleted, first. */
export const deleteAccount: UseCase<"deleteAccount"> = async ({ body }, context) => {
  const { session, stores } = context;
  if (session.kitchen.demo) return inDemo;
  const own = await isOwnPassword(body.password, "password", context);
  if (!own.ok) return own;
  const orphaned = (await stores.accounts.kitchensOf(session.accountId)).find(
    (kitchen) => kitchen.role === "owner" && kitchen.owners === 1,
  );
  if (orphaned) return conflict("owner-of", { kitchen: orphaned.kitchenName });
  await note("left", "", context);
  await stores.accounts.remove(session.accountId, context.now);
  return accept({ done: true });
};
