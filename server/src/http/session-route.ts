import { endpoints, routeOf, type Endpoint, type EndpointName } from "@apron/contract";
import type { Context, Hono } from "hono";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import type { Deps } from "../context/request-context.ts";
import { problemReply } from "./problem.ts";
import { sessionOf } from "./sessions.ts";

/** "/api/lots/{id}" as the router writes it. */
const honoPath = (path: string): string => path.replaceAll(/\{(\w+)\}/g, ":$1");

/** A route of one's own kitchen: who is not signed in is told so, and so is a cook where only an owner may. */
export function sessionRoute(
  app: Hono,
  name: EndpointName,
  {
    deps,
    answer,
  }: { deps: Deps; answer: (c: Context, session: SessionRecord) => Response | Promise<Response> },
): void {
  const [method, path] = routeOf(name);
  const { ownersOnly }: Endpoint = endpoints[name];
  app.on(method.toUpperCase(), honoPath(path), async (c) => {
    const session = await sessionOf(c, deps);
    if (!session) return problemReply(c, { status: 401, code: "session-expired" });
    if (ownersOnly && session.role !== "owner") return problemReply(c, { status: 403, code: "owners-only" });
    return answer(c, session);
  });
}
