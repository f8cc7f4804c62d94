import { endpoints, routeOf, type EndpointName, type InputOf } from "@apron/contract";
import type { Context, Hono } from "hono";
import { readInput } from "../http/mount.ts";
import { problemReply } from "../http/problem.ts";

type Handler<Name extends EndpointName> = (c: Context, input: InputOf<Name>) => Promise<Response>;

/** A route before a kitchen is known: it needs no session, and may give one. */
export function openRoute<Name extends EndpointName>(app: Hono, name: Name, handle: Handler<Name>): void {
  const [method, path] = routeOf(name);
  app.on(method.toUpperCase(), path, async (c) => {
    const input = await readInput(c, endpoints[name]);
    return input.ok ? handle(c, input.value as InputOf<Name>) : problemReply(c, input.issue);
  });
}
