import type { Session } from "@apron/contract";
import type { Context } from "hono";
import { placesOf } from "../context/kitchen-settings.ts";
import { deviceOf } from "./device.ts";
import { giveToken, newToken, readToken, sessionDays, tokenHash } from "./session-cookie.ts";
import type { Deps } from "../context/request-context.ts";
import type { MemberRecord, SessionRecord } from "../context/ports/kitchen.store.ts";

const msPerHour = 60 * 60 * 1000;
const msPerDay = 24 * msPerHour;

export const presentSession = (session: SessionRecord): Session => {
  const { id, name, dialect, units, cup, currency, locale, timeZone, demo, settings, deleteAfter } =
    session.kitchen;
  return {
    member: { id: session.memberId, name: session.memberName, role: session.role },
    kitchen: {
      ...{ id, name, dialect, units, cup, currency, locale, timeZone, demo, deleteAfter },
      scale: settings.scale,
      places: placesOf(settings),
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
    id: deps.newId(),
    accountId: member.accountId,
    device: deviceOf(c),
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
  if (token === undefined) return undefined;
  const { authStore } = deps.database;
  const [hash, now] = [tokenHash(token), deps.now()];
  const found = await authStore.findSession(hash, now);
  if (found && now.getTime() - found.seenAt.getTime() > msPerHour) await authStore.seenSession(hash, now);
  return found;
}
