import { endpoints, routeOf, type EndpointName, type InputOf } from "@apron/contract";
import type { Context, Hono } from "hono";
import { readInput } from "../http/mount.ts";
import { problemReply } from "../http/problem.ts";
import { dropToken, readToken, tokenHash } from "../http/session-cookie.ts";
import type { Deps } from "../context/request-context.ts";
import { hashPassword, passwordFits } from "./passwords.ts";
import { askerOf, openSession, presentSession } from "../http/sessions.ts";
import { firstSettings } from "../context/kitchen-settings.ts";
import type { KitchenRecord, MemberRecord } from "../context/ports/kitchen.store.ts";

type Handler<Name extends EndpointName> = (c: Context, input: InputOf<Name>) => Promise<Response>;

/** The routes before a kitchen is known: health, set-up, signing in and out. */
export function mountFrontDoor(app: Hono, deps: Deps): void {
  const { door } = deps.database;
  const on = <Name extends EndpointName>(name: Name, handle: Handler<Name>): void => {
    const [method, path] = routeOf(name);
    app.on(method.toUpperCase(), path, async (c) => {
      const input = await readInput(c, endpoints[name]);
      return input.ok ? handle(c, input.value as InputOf<Name>) : problemReply(c, input.issue);
    });
  };

  on("health", async (c) => {
    if (await door.answers()) return c.json({ status: "ok", database: "answers", version: deps.version });
    return problemReply(c, { status: 503, code: "database-silent" });
  });
  on("startPage", async (c) => {
    const [any, demo] = [await door.anyKitchen(), await door.findDemoMember()];
    return c.json({ needsSetUp: !any, demoCook: demo?.name ?? null });
  });
  on("setUp", (c, { body }) => setUp(c, body, deps));
  on("signIn", (c, { body }) => signIn(c, body, deps));
  on("signInDemo", async (c) => {
    const member = await door.findDemoMember();
    return member ? welcome(c, member, deps) : problemReply(c, { status: 404, code: "no-demo-kitchen" });
  });
  on("currentSession", async (c) => {
    const session = await askerOf(c, deps);
    return session
      ? c.json(presentSession(session))
      : problemReply(c, { status: 401, code: "session-expired" });
  });
  on("signOut", (c) => signOut(c, deps));
}

async function signIn(c: Context, body: InputOf<"signIn">["body"], deps: Deps): Promise<Response> {
  const member = await deps.database.door.findMember(body.name);
  if (!(await passwordFits(member?.passwordHash, body.password)) || !member)
    return problemReply(c, { status: 401, code: "sign-in-wrong", field: "password" });
  return welcome(c, member, deps);
}

async function signOut(c: Context, deps: Deps): Promise<Response> {
  const token = readToken(c);
  const session = await askerOf(c, deps);
  if (token && session) await deps.database.door.closeSession(session.kitchen.id, tokenHash(token));
  dropToken(c);
  return c.json({ done: true });
}

async function welcome(c: Context, member: MemberRecord, deps: Deps): Promise<Response> {
  const session = await openSession(c, member, deps);
  return session
    ? c.json(presentSession(session), 201)
    : problemReply(c, { status: 401, code: "session-expired" });
}

/** The first account of a fresh database; refused once any kitchen exists. */
async function setUp(c: Context, body: InputOf<"setUp">["body"], deps: Deps): Promise<Response> {
  const kitchen: KitchenRecord = {
    id: deps.newId(),
    name: body.kitchen,
    dialect: "uk",
    units: "metric",
    cup: "us-customary",
    currency: "GBP",
    demo: false,
    revision: 0,
    locale: "en-GB",
    catalogueRevision: 0,
    settings: firstSettings,
  };
  const member = { id: deps.newId(), kitchenId: kitchen.id, name: body.name };
  const passwordHash = await hashPassword(body.password);
  const first = { ...member, passwordHash, createdAt: deps.now() };
  const opened = await deps.database.door.createFirstKitchen(kitchen, first);
  return opened ? welcome(c, member, deps) : problemReply(c, { status: 409, code: "already-set-up" });
}
