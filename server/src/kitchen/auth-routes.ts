import { routeOf, type InputOf } from "@apron/contract";
import type { Context, Hono } from "hono";
import { problemReply } from "../http/problem.ts";
import { dropToken, readToken, tokenHash } from "../http/session-cookie.ts";
import type { Deps } from "../context/request-context.ts";
import { acceptInvite, lookAtInvite } from "./accept-invite.ts";
import { choiceIssue, settingsWith, unknownIngredient } from "./change-kitchen.ts";
import { holdBack } from "./hold-back.ts";
import { openRoute } from "./open-route.ts";
import { hashPassword, isCommonPassword } from "./passwords.ts";
import { signIn, welcome } from "./sign-in.ts";
import { presentSession, sessionOf } from "../http/sessions.ts";
import { firstSettings } from "../context/kitchen-settings.ts";
import type { KitchenRecord, MemberRecord } from "../context/ports/kitchen.store.ts";

/** Opens the demo kitchen, filling it when it is not there yet, and gives its first cook. */
export type OpenDemo = () => Promise<MemberRecord>;

/** Where passwords and codes could be guessed. */
const guessable = ["signIn", "lookAtInvite", "acceptInvite"] as const;

/** The routes before a kitchen is known: health, set-up, signing in and out, looking around the demo. */
export function mountAuthRoutes(app: Hono, deps: Deps, demo: { cook: string; open: OpenDemo }): void {
  const { authStore } = deps.database;
  const held = holdBack();
  for (const name of guessable) {
    const [method, path] = routeOf(name);
    app.on(method.toUpperCase(), path, held);
  }
  openRoute(app, "health", async (c) => {
    if (await authStore.answers())
      return c.json({ status: "ok", database: "answers", version: deps.version });
    return problemReply(c, { status: 503, code: "database-silent" });
  });
  openRoute(app, "startPage", async (c) => {
    return c.json({ needsSetUp: !(await authStore.anyKitchen()), demoCook: demo.cook });
  });
  openRoute(app, "setUp", (c, { body }) => setUp(c, body, deps));
  openRoute(app, "signIn", (c, input) => signIn(c, input, deps));
  openRoute(app, "lookAtInvite", (c, input) => lookAtInvite(c, input, deps));
  openRoute(app, "acceptInvite", (c, input) => acceptInvite(c, input, deps));
  openRoute(app, "signInDemo", async (c) => welcome(c, await demo.open(), deps));
  openRoute(app, "currentSession", async (c) => {
    const session = await sessionOf(c, deps);
    return session
      ? c.json(presentSession(session))
      : problemReply(c, { status: 401, code: "session-expired" });
  });
  openRoute(app, "signOut", (c) => signOut(c, deps));
}

async function signOut(c: Context, deps: Deps): Promise<Response> {
  const token = readToken(c, deps);
  const session = await sessionOf(c, deps);
  if (token && session) await deps.database.authStore.closeSession(session.kitchen.id, tokenHash(token));
  dropToken(c, deps);
  return c.json({ done: true });
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
    deleteAfter: null,
  };
  const member = { id: deps.newId(), kitchenId: kitchen.id, name };
  const passwordHash = await hashPassword(password);
  const first = { ...member, role: "owner", passwordHash, createdAt: deps.now() } as const;
  const outcome = await deps.database.authStore.createFirstKitchen(kitchen, first);
  if (outcome === "created") return welcome(c, { ...member, accountId: member.id }, deps);
  return problemReply(
    c,
    outcome === "name-taken"
      ? { status: 409, code: "name-taken", field: "name" }
      : { status: 409, code: "already-set-up" },
  );
}
