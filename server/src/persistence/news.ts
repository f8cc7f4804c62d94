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

type Log = (event: string, facts: Readonly<Record<string, unknown>>) => void;

/** A connection that listens, opened again whenever it breaks; whoever listens is told that something may have been missed. */
class Listening {
  private client: pg.Client | undefined;
  private isClosed = false;
  private again: NodeJS.Timeout | undefined;

  constructor(
    private readonly url: string,
    private readonly emitter: EventEmitter,
    private readonly log: Log,
  ) {
    void this.open();
  }

  async close(): Promise<void> {
    this.isClosed = true;
    clearTimeout(this.again);
    await this.client?.end().catch(() => undefined);
  }

  private broke(of: pg.Client, error: unknown): void {
    if (this.client !== of || this.isClosed) return;
    this.client = undefined;
    void of.end().catch(() => undefined);
    this.log("the connection for news broke", { error: String(error) });
    this.again = setTimeout(() => void this.open(), tryAgainMs).unref();
  }

  private async open(): Promise<void> {
    const opening = new pg.Client({
      ...{ connectionString: this.url, keepAlive: true, connectionTimeoutMillis: 5000 },
    });
    this.client = opening;
    const broke = (error: unknown): void => {
      this.broke(opening, error);
    };
    opening.on("error", broke);
    opening.on("end", () => {
      broke("ended");
    });
    opening.on("notification", (told) => {
      handOn(this.emitter, told);
    });
    try {
      await opening.connect();
      await opening.query(channels.map((channel) => `listen ${channel}`).join("; "));
      this.emitter.emit("missed");
    } catch (error) {
      broke(error);
    }
  }
}

/** What happens in a database, over one connection a process that listens (LISTEN, NOTIFY). */
export function newsOf(url: string, log: Log): News {
  const emitter = new EventEmitter().setMaxListeners(0);
  const listening = new Listening(url, emitter, log);
  return {
    ofKitchen: (kitchenId, handler) => listenTo(emitter, kitchenId, handler),
    whenSessionEnds: (sessionId, ended) => {
      emitter.once(`session ${sessionId}`, ended);
      return () => emitter.off(`session ${sessionId}`, ended);
    },
    close: () => listening.close(),
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
