import { EventEmitter } from "node:events";
import pg from "pg";
import type { KitchenChanged, News, NewsHandler } from "../context/ports/news.ts";

const tryAgainMs = 1000;
const channels = ["kitchen", "scale", "session"] as const;

type Told = { readonly channel: string; readonly payload?: string | undefined };

const changeIn = (payload: string): KitchenChanged & { readonly id: string } =>
  JSON.parse(payload) as KitchenChanged & { readonly id: string };

/** Hands what the database says on to whoever listens for it. */
function handOn(emitter: EventEmitter, { channel, payload = "" }: Told): void {
  if (channel !== "kitchen") return void emitter.emit(`${channel} ${payload}`);
  const { id, ...change } = changeIn(payload);
  emitter.emit(`kitchen ${id}`, change);
}

/**
 * One connection a process that listens (LISTEN, NOTIFY); it is opened again when it breaks, and everybody who listens is told that
 * something may have been missed.
 */
export function newsOf(
  url: string,
  log: (event: string, facts: Readonly<Record<string, unknown>>) => void,
): News {
  const emitter = new EventEmitter().setMaxListeners(0);
  let client: pg.Client | undefined;
  let isClosed = false;
  let again: NodeJS.Timeout | undefined;

  function broke(of: pg.Client, error: unknown): void {
    if (client !== of || isClosed) return;
    client = undefined;
    void of.end().catch(() => undefined);
    log("the connection for news broke", { error: String(error) });
    again = setTimeout(() => void open(), tryAgainMs).unref();
  }
  async function open(): Promise<void> {
    const opening = new pg.Client({ connectionString: url, keepAlive: true, connectionTimeoutMillis: 5000 });
    client = opening;
    opening.on("error", (error) => {
      broke(opening, error);
    });
    opening.on("end", () => {
      broke(opening, "ended");
    });
    opening.on("notification", (told) => {
      handOn(emitter, told);
    });
    try {
      await opening.connect();
      await opening.query(channels.map((channel) => `listen ${channel}`).join("; "));
      emitter.emit("missed");
    } catch (error) {
      broke(opening, error);
    }
  }
  void open();
  return {
    ofKitchen: (kitchenId, handler) => listenTo(emitter, kitchenId, handler),
    whenSessionEnds: (sessionId, ended) => {
      emitter.once(`session ${sessionId}`, ended);
      return () => emitter.off(`session ${sessionId}`, ended);
    },
    close: async () => {
      isClosed = true;
      clearTimeout(again);
      await client?.end().catch(() => undefined);
    },
  };
}

function listenTo(emitter: EventEmitter, kitchenId: string, handler: NewsHandler): () => void {
  const heard = [
    [`kitchen ${kitchenId}`, handler.changed],
    [`scale ${kitchenId}`, handler.scale],
    ["missed", handler.missed],
  ] as const;
  for (const [event, handle] of heard) emitter.on(event, handle as () => void);
  return () => {
    for (const [event, handle] of heard) emitter.off(event, handle as () => void);
  };
}
