import type { Session } from "@apron/contract";
import type { Context } from "hono";
import { giveToken, newToken, readToken, sessionDays, tokenHash } from "./session-cookie.ts";
import type { Deps } from "../context/request-context.ts";
import type { MemberRecord, SessionRecord } from "../context/ports/kitchen.store.ts";

const msPerDay = 24 * 60 * 60 * 1000;

export const presentSession = (session: SessionRecord): Session => {
  const { id, name, dialect, units, cup, currency, locale, timeZone, demo, settings } = session.kitchen;
  return {
    member: { id: session.memberId, name: session.memberName },
    kitchen: {
      ...{ id, name, dialect, units, cup, currency, locale, timeZone, demo },
      scale: settings.scale,
      ounces: settings.ounces ?? {},
      meanings: settings.meanings ?? {},
    },
  };
};

/** Opens a session for a member and gives the browser its cookie. */
export async function openSession(
  c: Context,
  member: MemberRecord,
  deps: Deps,
): Promise<SessionRecord | undefined> {
  const token = newToken();
  const now = deps.now();
  const session = {
    tokenHash: tokenHash(token),
    memberId: member.id,
    kitchenId: member.kitchenId,
    expiresAt: new Date(now.getTime() + sessionDays * msPerDay),
  };
  await deps.database.authStore.openSession(session, now);
  giveToken(c, token, deps);
  return deps.database.authStore.findSession(tokenHash(token), now);
}

/** Who the request's cookie belongs to, if its session still runs. */
export async function sessionOf(
  c: Context,
  deps: Pick<Deps, "database" | "now" | "cookieName">,
): Promise<SessionRecord | undefined> {
  const token = readToken(c, deps);
  return token === undefined ? undefined : deps.database.authStore.findSession(tokenHash(token), deps.now());
}
