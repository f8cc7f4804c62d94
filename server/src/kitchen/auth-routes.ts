import { endpoints, routeOf, type EndpointName, type InputOf } from "@apron/contract";
import type { Context, Hono } from "hono";
import { readInput } from "../http/mount.ts";
import { problemReply } from "../http/problem.ts";
import { dropToken, readToken, tokenHash } from "../http/session-cookie.ts";
import type { Deps } from "../context/request-context.ts";
import { choiceIssue, settingsWith, unknownIngredient } from "./change-kitchen.ts";
import { HashingBusy, hashPassword, isCommonPassword, passwordFits } from "./passwords.ts";
import { countTry, forgetTries } from "./sign-in-tries.ts";
import { sessionOf, openSession, presentSession } from "../http/sessions.ts";
import { firstSettings } from "../context/kitchen-settings.ts";
import type { KitchenRecord, MemberRecord } from "../context/ports/kitchen.store.ts";

type Handler<Name extends EndpointName> = (c: Context, input: InputOf<Name>) => Promise<Response>;

/** Opens the demo kitchen, filling it when it is not there yet, and gives its first cook. */
export type OpenDemo = () => Promise<MemberRecord>;

/** The routes before a kitchen is known: health, set-up, signing in and out, looking around the demo. */
export function mountAuthRoutes(app: Hono, deps: Deps, demo: { cook: string; open: OpenDemo }): void {
  const { authStore } = deps.database;
  const on = <Name extends EndpointName>(name: Name, handle: Handler<Name>): void => {
    const [method, path] = routeOf(name);
    app.on(method.toUpperCase(), path, async (c) => {
      const input = await readInput(c, endpoints[name]);
      if (!input.ok) return problemReply(c, input.issue);
      try {
        return await handle(c, input.value as InputOf<Name>);
      } catch (error) {
        if (error instanceof HashingBusy) return later(c, 503, { code: "busy", waitS: 1 });
        throw error;
      }
    });
  };

  on("health", async (c) => {
    if (await authStore.answers())
      return c.json({ status: "ok", database: "answers", version: deps.version });
    return problemReply(c, { status: 503, code: "database-silent" });
  });
  on("startPage", async (c) => {
    return c.json({ needsSetUp: !(await authStore.anyKitchen()), demoCook: demo.cook });
  });
  on("setUp", (c, { body }) => setUp(c, body, deps));
  on("signIn", (c, { body }) => signIn(c, body, deps));
  on("signInDemo", async (c) => welcome(c, await demo.open(), deps));
  on("currentSession", async (c) => {
    const session = await sessionOf(c, deps);
    return session
      ? c.json(presentSession(session))
      : problemReply(c, { status: 401, code: "session-expired" });
  });
  on("signOut", (c) => signOut(c, deps));
}

async function signIn(c: Context, body: InputOf<"signIn">["body"], deps: Deps): Promise<Response> {
  const waitS = await countTry(c, body.name, deps);
  if (waitS > 0) return later(c, 429, { code: "too-many-tries", waitS });
  const member = await deps.database.authStore.findMember(body.name);
  if (!(await passwordFits(member?.passwordHash, body.password)) || !member)
    return problemReply(c, { status: 401, code: "sign-in-wrong", field: "password" });
  await forgetTries(c, body.name, deps);
  return welcome(c, member, deps);
}

/** Not now: told when to come back. */
function later(c: Context, status: 429 | 503, { code, waitS }: { code: string; waitS: number }): Response {
  c.header("retry-after", String(waitS));
  return problemReply(c, { status, code, measurements: { waitS } });
}

async function signOut(c: Context, deps: Deps): Promise<Response> {
  const token = readToken(c, deps);
  const session = await sessionOf(c, deps);
  if (token && session) await deps.database.authStore.closeSession(session.kitchen.id, tokenHash(token));
  dropToken(c, deps);
  return c.json({ done: true });
}

async function welcome(c: Context, member: MemberRecord, deps: Deps): Promise<Response> {
  const session = await openSession(c, member, deps);
  return session
    ? c.json(presentSession(session), 201)
    : problemReply(c, { status: 401, code: "session-expired" });
}

/** The first account and kitchen; refused once there is any kitchen but the demo's. */
async function setUp(c: Context, body: InputOf<"setUp">["body"], deps: Deps): Promise<Response> {
  const wrong = choiceIssue(body) ?? unknownIngredient(body, deps.catalogue.ingredients);
  if (wrong && !wrong.ok) return problemReply(c, wrong.issue);
  if (isCommonPassword(body.password))
    return problemReply(c, { status: 422, code: "password-common", field: "password" });
  // Looked at before the password is hashed, and once more when the kitchen is made.
  if (await deps.database.authStore.anyKitchen())
    return problemReply(c, { status: 409, code: "already-set-up" });
  const { name, password, kitchen: kitchenName, dialect, units, cup, currency, locale, timeZone } = body;
  const kitchen: KitchenRecord = {
    id: deps.newId(),
    name: kitchenName,
    ...{ dialect, units, cup, currency, locale, timeZone },
    demo: false,
    revision: 0,
    catalogueRevision: 0,
    settings: settingsWith(firstSettings, body),
  };
  const member = { id: deps.newId(), kitchenId: kitchen.id, name };
  const first = { ...member, passwordHash: await hashPassword(password), createdAt: deps.now() };
  const outcome = await deps.database.authStore.createFirstKitchen(kitchen, first);
  if (outcome === "created") return welcome(c, member, deps);
  return problemReply(
    c,
    outcome === "name-taken"
      ? { status: 409, code: "name-taken", field: "name" }
      : { status: 409, code: "already-set-up" },
  );
}
