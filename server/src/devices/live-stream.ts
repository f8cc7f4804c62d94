import { setTimeout } from "node:timers/promises";
import { routeOf } from "@apron/contract";
import type { Hono } from "hono";
import { streamSSE, type SSEStreamingApi } from "hono/streaming";
import { problemReply } from "../http/problem.ts";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import type { Deps } from "../context/request-context.ts";
import { sessionOf } from "../http/sessions.ts";
import { simulatedScale } from "./simulated-scale.ts";

/** How often the device and the kitchen are looked at, and how often what has not changed is sent all the same. */
const lookMs = 250;
const heartbeatMs = 5000;
/** A stream ends by itself after this long; the browser opens the next one. */
const longestMs = 10 * 60 * 1000;

type Live = { readonly reading: string; readonly kitchen: string };

async function lookAt(session: SessionRecord, deps: Deps): Promise<Live> {
  const [scale, revision] = await deps.database.read(session.kitchen.id, async (stores) => [
    await stores.scale.get(),
    await stores.kitchen.revision(),
  ]);
  return {
    reading: JSON.stringify(simulatedScale.read(scale ?? simulatedScale.rest, deps.now())),
    kitchen: JSON.stringify({ revision }),
  };
}

/** Sends what has changed since it was sent last, and everything again after a while: the other end knows that it lives. */
async function sendChanges(stream: SSEStreamingApi, look: () => Promise<Live>): Promise<void> {
  const startedAt = Date.now();
  const sent = new Map<string, { readonly data: string; readonly at: number }>();
  while (!stream.aborted && Date.now() - startedAt < longestMs) {
    for (const [event, data] of Object.entries(await look())) {
      const before = sent.get(event);
      if (before?.data === data && Date.now() - before.at < heartbeatMs) continue;
      await stream.writeSSE({ event, data });
      sent.set(event, { data, at: Date.now() });
    }
    await setTimeout(lookMs);
  }
}

/**
 * All that is live in one stream a tab, as server-sent events: `reading` with the scale's display, `kitchen` with its
 * revision, which grows with every write of any tablet.
 */
export function mountLiveStream(app: Hono, deps: Deps): void {
  const [, path] = routeOf("streamLive");
  app.get(path, async (c) => {
    const session = await sessionOf(c, deps);
    if (!session) return problemReply(c, { status: 401, code: "session-expired" });
    return streamSSE(c, (stream) => sendChanges(stream, () => lookAt(session, deps)));
  });
}
