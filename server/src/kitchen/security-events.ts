import { accept } from "@apron/core/measure";
import type { SecurityEventKind } from "../context/ports/security-event.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";

/** Writes it down in the kitchen it concerns. */
export const note = (
  kind: SecurityEventKind,
  whom: string,
  { stores, session, newId, now }: Pick<RequestContext, "stores" | "session" | "newId" | "now">,
): Promise<void> => stores.people.note({ id: newId(), at: now, kind, who: session.memberName, whom });

const mostShown = 200;

export const listSecurityEvents: UseCase<"listSecurityEvents"> = async (_input, { stores }) => {
  const events = await stores.people.events(mostShown);
  return accept({ events: events.map((event) => ({ ...event, at: event.at.toISOString() })) });
};
