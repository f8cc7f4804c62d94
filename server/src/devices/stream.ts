import { setTimeout } from "node:timers/promises";
import { routeOf, type ScaleReading } from "@apron/contract";
import type { Hono } from "hono";
import { streamSSE } from "hono/streaming";
import { problemReply } from "../http/problem.ts";
import type { Deps } from "../context/request-context.ts";
import { sessionOf } from "../http/sessions.ts";
import { simulatedScale } from "./simulated-scale.ts";

/** How often the device is looked at, and how often a reading that has not changed is sent all the same. */
const lookMs = 250;
const heartbeatMs = 5000;
/** A stream ends by itself after this long; the browser opens the next one. */
const longestMs = 10 * 60 * 1000;

/** Readings of the scale as they change, as server-sent events: `reading`, with a ScaleReading as its data. */
export function mountScaleStream(app: Hono, deps: Deps): void {
  const [, path] = routeOf("streamScale");
  app.get(path, async (c) => {
    const session = await sessionOf(c, deps);
    if (!session) return problemReply(c, { status: 401, code: "session-expired" });
    const look = async (): Promise<ScaleReading> => {
      const scale = await deps.database.read(session.kitchen.id, (stores) => stores.scale.get());
      return simulatedScale.read(scale ?? simulatedScale.rest, deps.now());
    };
    return streamSSE(c, async (stream) => {
      const startedAt = Date.now();
      let sent = "";
      let sentAt = 0;
      while (!stream.aborted && Date.now() - startedAt < longestMs) {
        const reading = JSON.stringify(await look());
        if (reading !== sent || Date.now() - sentAt >= heartbeatMs) {
          await stream.writeSSE({ event: "reading", data: reading });
          sent = reading;
          sentAt = Date.now();
        }
        await setTimeout(lookMs);
      }
    });
  });
}
