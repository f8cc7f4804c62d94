import { cutText } from "@apron/core/measure";
import type { Context, Hono } from "hono";
import { buildContext } from "../context/build-context.ts";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import type { Bringing, WholeKitchen } from "../context/ports/whole-kitchen.store.ts";
import { programSession } from "../context/program-session.ts";
import type { RequestContext } from "../context/request-context.ts";
import { sqlState } from "../context/sql-state.ts";
import type { Stores } from "../context/stores.ts";
import { attachment } from "../http/attachment.ts";
import type { MountContext } from "../http/mount.ts";
import { problemReply } from "../http/problem.ts";
import { noteFrom } from "../http/security-note.ts";
import { sessionRoute } from "../http/session-route.ts";
import { presentSession, sessionOf } from "../http/sessions.ts";
import { matchesNow } from "../match/list-matches.ts";
import { exportLots } from "./lots-file.ts";
import { exportRecipes } from "./recipes-file.ts";
import { packKitchen, unpackKitchen, withNewIds } from "./whole-kitchen-file.ts";

async function takeEverything(
  c: Context,
  session: SessionRecord,
  mountContext: MountContext,
): Promise<Response> {
  const { deps } = mountContext;
  const { kitchen } = session;
  const written = await deps.database.read(kitchen.id, async (stores) => {
    const context = await buildContext(stores, session, mountContext);
    const [lots, recipes] = [
      await exportLots({ query: undefined }, context),
      await exportRecipes({}, context),
    ];
    return { lots: lots.ok ? String(lots.value) : "", recipes: recipes.ok ? String(recipes.value) : "" };
  });
  const packed = await packKitchen(await deps.database.whole.read(kitchen.id), written);
  await noteFrom({ kitchenId: kitchen.id, kind: "taken-along", who: session.memberName }, deps);
  return c.body(Uint8Array.from(packed), 200, {
    "content-type": "application/zip",
    "content-disposition": attachment(
      `${cutText(kitchen.name, 60)} ${deps.now().toISOString().slice(0, 10)}.zip`,
    ),
    "cache-control": "no-store",
  });
}

/** Brought in by a stranger's hand it has to be one that can be shown: everything that a page tells of it is worked out once. */
async function canBeShown(context: RequestContext, { deps }: Pick<MountContext, "deps">): Promise<boolean> {
  try {
    const shown = [await exportLots({ query: undefined }, context), await exportRecipes({}, context)];
    await matchesNow(context);
    return shown.every((one) => one.ok);
  } catch (error) {
    // Within its transaction: what the database refuses ends that, and is told apart by whoever began it.
    if (sqlState(error) !== "") throw error;
    deps.log("a kitchen that was brought along cannot be shown", { error: String(error) });
    return false;
  }
}

/** Under the ids it has, or, where it is here already, under ids of its own. */
async function placed(kitchen: WholeKitchen, { deps }: MountContext): Promise<WholeKitchen> {
  const id = String(kitchen["kitchen"]?.[0]?.["id"]);
  return (await deps.database.whole.isTaken(id)) ? withNewIds(kitchen) : kitchen;
}

async function bringEverything(
  c: Context,
  session: SessionRecord,
  mountContext: MountContext,
): Promise<Response> {
  const { deps } = mountContext;
  const { database } = deps;
  if (session.kitchen.demo) return problemReply(c, { status: 403, code: "not-in-the-demo" });
  const unpacked = await unpackKitchen(new Uint8Array(await c.req.arrayBuffer()));
  if (!unpacked.ok) return problemReply(c, unpacked.issue);
  const kitchen = await placed(unpacked.value, mountContext);
  const memberId = deps.newId();
  const owner = { id: session.accountId, name: session.memberName, memberId };
  const look: Bringing<Stores>["look"] = async (stores, record) =>
    canBeShown(await buildContext(stores, programSession(record), mountContext), mountContext);
  if (!(await database.whole.bring(kitchen, { owner, at: deps.now(), look })))
    return problemReply(c, { status: 422, code: "does-not-add-up", field: "file" });
  await database.accounts.switchSession(session.id, session.accountId, memberId);
  const now = await sessionOf(c, deps);
  if (!now) return problemReply(c, { status: 401, code: "session-expired" });
  await noteFrom({ kitchenId: now.kitchen.id, kind: "brought-in", who: now.memberName }, deps);
  return c.json(presentSession(now), 201);
}

/** Everything of a kitchen as one archive, and back: routes of their own, since they carry no JSON. */
export function mountWholeKitchen(app: Hono, mountContext: MountContext): void {
  const handlers = { takeEverything, bringEverything } as const;
  for (const name of ["takeEverything", "bringEverything"] as const) {
    const answer = (c: Context, session: SessionRecord): Promise<Response> =>
      handlers[name](c, session, mountContext);
    sessionRoute(app, name, { deps: mountContext.deps, answer });
  }
}
