import { createHash } from "node:crypto";
import { endpoints, idempotencyHeader, routeOf, type Endpoint, type EndpointName } from "@apron/contract";
import { accept, dayIn } from "@apron/core/measure";
import type { Context, Hono } from "hono";
import { z } from "zod";
import { buildContext } from "../context/build-context.ts";
import { attachment, fileName } from "./attachment.ts";
import { cleanText, isSuspect } from "./clean-text.ts";
import type { KitchenCatalogues } from "../context/kitchen-catalogue.ts";
import type { Once } from "../context/once.ts";
import type { Deps, RequestContext, UseCases } from "../context/request-context.ts";
import { sessionRoute } from "./session-route.ts";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import { problemReply, refusalOfIssues } from "./problem.ts";
import type { Doing } from "../context/ports/news.ts";
import type { Answer, Refusal } from "../context/refusal.ts";
import { cachedReply, type CachedReply, type RepliesUnderway, type ReplyCache } from "./reply-cache.ts";

type Input = { params?: unknown; query?: unknown; body?: unknown };
type AnyUseCase = (input: Input, context: RequestContext) => Promise<Answer<unknown>>;
export type MountContext = {
  readonly deps: Deps;
  readonly cache: ReplyCache;
  readonly underway: RepliesUnderway;
  readonly catalogues: KitchenCatalogues;
  readonly shared: (stamp: string) => Once;
};

/** Routes whose answer changes with the clock alone. */
const neverCached: readonly EndpointName[] = [
  ...(["readScale", "listPlans", "getCookAlong"] as const),
  // Of people, not of a kitchen.
  ...(["listMembers", "listSecurityEvents", "listSessions", "listKitchens", "getBackups"] as const),
];

/** Puts use cases behind their routes: session, validation, transaction, reply. */
export function mountUseCases<Names extends EndpointName>(
  app: Hono,
  useCases: UseCases<Names>,
  mountContext: MountContext,
): void {
  for (const [name, useCase] of Object.entries(useCases)) {
    // Each use case's own input type is proven by UseCases<Names>; the loop over names cannot carry it.
    mountOne(app, name as EndpointName, { useCase: useCase as AnyUseCase, mountContext });
  }
}

function mountOne(
  app: Hono,
  name: EndpointName,
  { useCase, mountContext }: { useCase: AnyUseCase; mountContext: MountContext },
): void {
  const [method] = routeOf(name);
  const endpoint: Endpoint = endpoints[name];
  const answer = async (c: Context, session: SessionRecord): Promise<Response> => {
    const input = await readInput(c, endpoint);
    if (!input.ok) return problemReply(c, input.issue);
    const call = {
      c,
      name,
      endpoint,
      session,
      work: (context: RequestContext) => useCase(input.value, context),
      input: input.value,
    };
    if (endpoint.writes) return answerWrite(call, mountContext);
    if (endpoint.changes) return answerChange(call, mountContext);
    return method === "get" && !neverCached.includes(name)
      ? answerRead(call, mountContext)
      : answerFresh(call, mountContext);
  };
  sessionRoute(app, name, { deps: mountContext.deps, answer });
}

type Call = {
  readonly c: Context;
  readonly name: EndpointName;
  readonly endpoint: Endpoint;
  readonly session: SessionRecord;
  readonly input: Input;
  readonly work: (context: RequestContext) => Promise<Answer<unknown>>;
};

const jsonType = "application/json; charset=utf-8";

/** A read is a function of the kitchen's revision, the day and the question, so it may be remembered. */
async function answerRead(call: Call, mountContext: MountContext): Promise<Response> {
  const { c, session, endpoint } = call;
  const { deps, cache, underway } = mountContext;
  const stamp = `${session.kitchen.id} ${session.kitchen.revision} ${dayIn(deps.now(), session.kitchen.timeZone)}`;
  const key = `${stamp} ${c.req.url.slice(c.req.url.indexOf("/api/"))}`;
  const known = cache.get(key);
  if (known) return replyKnown(c, known, endpoint);
  const started =
    underway.get(key) ?? workOut(call, mountContext, { stamp, key }).finally(() => underway.delete(key));
  underway.set(key, started);
  const answer = await started;
  return answer.ok ? replyKnown(c, answer.value, endpoint) : problemReply(c, answer.issue);
}

/** One reply, worked out once for all who wait for it. */
async function workOut(
  call: Call,
  mountContext: MountContext,
  { stamp, key }: { readonly stamp: string; readonly key: string },
): Promise<Answer<CachedReply>> {
  const { deps, cache } = mountContext;
  const once = mountContext.shared(stamp);
  const answer = await deps.database.read(call.session.kitchen.id, async (stores) =>
    call.work(await buildContext(stores, call.session, { ...mountContext, once })),
  );
  if (!answer.ok) return answer;
  const fresh = cachedReply(call.endpoint.media ? String(answer.value) : JSON.stringify(answer.value));
  cache.set(key, fresh);
  return accept(fresh);
}

function replyKnown(c: Context, known: CachedReply, { media }: Endpoint): Response {
  const caching = { etag: known.etag, "cache-control": "private, no-cache", vary: "accept-encoding" };
  if (c.req.header("if-none-match") === known.etag) return c.body(null, 304, caching);
  const zipped = (c.req.header("accept-encoding") ?? "").includes("gzip") ? known.gzip() : undefined;
  const encoding: Record<string, string> = zipped ? { "content-encoding": "gzip" } : {};
  const asFile = { "content-disposition": attachment(fileName(c.req.path)) };
  const type = media
    ? { "content-type": `${media}; charset=utf-8`, ...asFile }
    : { "content-type": jsonType };
  return c.body(zipped ?? known.body, 200, { ...type, ...caching, ...encoding });
}

async function answerFresh(call: Call, mountContext: MountContext): Promise<Response> {
  const { session } = call;
  const answer = await mountContext.deps.database.read(session.kitchen.id, async (stores) =>
    call.work(await buildContext(stores, session, mountContext)),
  );
  return reply(call, answer);
}

/** What changes people carries no key: a change of the kitchen it is, one after the other, whole or not at all. */
async function answerChange(call: Call, mountContext: MountContext): Promise<Response> {
  const { session } = call;
  const answer = await mountContext.deps.database.change(
    session.kitchen.id,
    async (stores) => call.work(await buildContext(stores, session, mountContext)),
    doingOf(call),
  );
  return reply(call, answer);
}

const doingOf = ({ session, name }: Call): Doing => ({
  session: session.id,
  by: session.memberName,
  act: name,
});

async function answerWrite(call: Call, mountContext: MountContext): Promise<Response> {
  const { c, session } = call;
  const { deps } = mountContext;
  const key = z.uuid().safeParse(c.req.header(idempotencyHeader));
  if (!key.success)
    return problemReply(c, { status: 422, code: "idempotency-key-missing", field: idempotencyHeader });
  const fingerprint = createHash("sha256")
    .update(`${c.req.method} ${c.req.path} ${JSON.stringify(call.input)}`)
    .digest("hex");
  const claim = {
    kitchenId: session.kitchen.id,
    key: key.data,
    fingerprint,
    at: deps.now(),
    doing: doingOf(call),
  };
  const answer = await deps.database.write(claim, async (stores) =>
    call.work(await buildContext(stores, session, mountContext)),
  );
  return reply(call, answer);
}

const reply = ({ c, endpoint }: Call, answer: Answer<unknown>): Response =>
  answer.ok
    ? c.body(JSON.stringify(answer.value), endpoint.status, { "content-type": jsonType })
    : problemReply(c, answer.issue);

/** Validates path, query and body against the endpoint's schemas; shared with the routes before sign-in. */
export async function readInput(c: Context, endpoint: Endpoint): Promise<Answer<Input>> {
  const body = endpoint.body ? await readBody(c) : { ok: true as const, value: undefined };
  if (!body.ok) return body;
  const sources = { params: cleanText(c.req.param()), query: cleanText(c.req.query()), body: body.value };
  const input: Input = {};
  for (const part of ["params", "query", "body"] as const) {
    const schema = endpoint[part];
    if (!schema) continue;
    const parsed = schema.safeParse(sources[part]);
    if (!parsed.success) return { ok: false, issue: refusalOfIssues(parsed.error) };
    input[part] = parsed.data;
  }
  return { ok: true, value: input };
}

async function readBody(c: Context): Promise<Answer<unknown>> {
  const refusal = (status: Refusal["status"], code: string) => ({
    ok: false as const,
    issue: { status, code },
  });
  if (!(c.req.header("content-type") ?? "").startsWith("application/json"))
    return refusal(415, "json-expected");
  const text = await c.req.text();
  try {
    const value = JSON.parse(text) as unknown;
    return { ok: true, value: isSuspect(text) ? cleanText(value) : value };
  } catch {
    return refusal(400, "malformed-json");
  }
}
