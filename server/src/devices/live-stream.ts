import type { Context, Hono } from "hono";
import { streamSSE, type SSEStreamingApi } from "hono/streaming";
import type { SessionRecord } from "../context/ports/kitchen.store.ts";
import type { Deps } from "../context/request-context.ts";
import { later } from "../http/problem.ts";
import { sessionRoute } from "../http/session-route.ts";
import { liveKitchens } from "./live-kitchens.ts";

/** A stream ends by itself after this long; the browser opens the next one. */
const longestMs = 10 * 60 * 1000;
/** One a tab: more than these no tablet has open, and no server has tablets. */
const mostOfSession = 8;
const mostInAll = 500;

/** What waits to be sent: of each kind the latest. A tablet that takes its time is told less often, not later and later. */
function mailbox() {
  const waiting = new Map<string, string>();
  let wake = (): void => undefined;
  return {
    put: (event: string, data: string): void => {
      waiting.set(event, data);
      wake();
    },
    take: (): [string, string][] => {
      const all = [...waiting];
      waiting.clear();
      return all;
    },
    /** Until something waits. */
    filled: (): Promise<void> =>
      new Promise((done) => {
        wake = done;
        if (waiting.size > 0) done();
      }),
    nudge: (): void => wake(),
  };
}

type Watch = (box: ReturnType<typeof mailbox>, end: () => void) => () => void;

/** Sends what comes until it is over: the tablet is gone, the session ended, or the stream is old. */
async function sendAll(stream: SSEStreamingApi, watch: Watch): Promise<void> {
  const box = mailbox();
  let isOver = false;
  const end = (): void => {
    isOver = true;
    box.nudge();
  };
  const stop = watch(box, end);
  const old = setTimeout(end, longestMs).unref();
  stream.onAbort(end);
  try {
    while (!isOver && !stream.aborted) {
      for (const [event, data] of box.take()) await stream.writeSSE({ event, data });
      await box.filled();
    }
  } finally {
    clearTimeout(old);
    stop();
  }
}

const watchOf =
  (session: SessionRecord, deps: Deps, kitchens: ReturnType<typeof liveKitchens>): Watch =>
  (box, end) => {
    const leave = kitchens.watch(session.kitchen.id, {
      reading: (data) => {
        box.put("reading", data);
      },
      kitchen: (revision, change) => {
        const by = change && { by: change.by, act: change.act, mine: change.session === session.id };
        box.put("kitchen", JSON.stringify({ revision, ...by }));
      },
    });
    const calm = deps.news.whenSessionEnds(session.id, end);
    return () => {
      leave();
      calm();
    };
  };

/**
 * All that is live in one stream a tab, as server-sent events: `reading` with the scale's display, `kitchen` with its revision,
 * which grows with every write, and who wrote what.
 */
export function mountLiveStream(app: Hono, deps: Deps): void {
  const kitchens = liveKitchens(deps);
  const open = new Map<string, number>();
  let all = 0;
  const count = (session: string, by: 1 | -1): void => {
    const now = (open.get(session) ?? 0) + by;
    if (now > 0) open.set(session, now);
    else open.delete(session);
    all += by;
  };
  const answer = (c: Context, session: SessionRecord): Response => {
    if (all >= mostInAll || (open.get(session.id) ?? 0) >= mostOfSession)
      return later(c, 503, { code: "too-many-streams", waitS: 10 });
    count(session.id, 1);
    return streamSSE(c, async (stream) => {
      try {
        await sendAll(stream, watchOf(session, deps, kitchens));
      } finally {
        count(session.id, -1);
      }
    });
  };
  sessionRoute(app, "streamLive", { deps, answer });
}
