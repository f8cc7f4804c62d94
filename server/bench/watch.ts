import { get } from "node:http";
import { Worker } from "node:worker_threads";
import { clock } from "./load.ts";

export type WatchOrder = {
  readonly url: string;
  /** A tablet each. */
  readonly cookies: readonly string[];
};

/** When each tablet saw each write that came after it began to watch. */
export type Seen = readonly (readonly number[])[];

/** Opens a stream, and notes when it was first told of each revision. */
export function watchOne(
  url: string,
  cookie: string,
): { ready: Promise<void>; seen: number[]; end: () => void } {
  const seen: number[] = [];
  let first: number | undefined;
  let began = (): void => undefined;
  const ready = new Promise<void>((done) => (began = done));
  const told = (revision: number): void => {
    first ??= revision;
    while (seen.length < revision - first) seen.push(clock());
    began();
  };
  const asked = get(url, { headers: { cookie }, agent: false }, (response) => {
    if (response.statusCode !== 200) throw new Error(`${url} answered ${response.statusCode}`);
    let rest = "";
    response.setEncoding("utf8").on("data", (text: string) => {
      const events = (rest + text).split("\n\n");
      rest = events.pop() ?? "";
      for (const event of events) {
        const revision = /"revision":(\d+)/.exec(event)?.[1];
        if (revision !== undefined) told(Number(revision));
      }
    });
    // Ended by us.
    response.on("error", () => undefined);
  });
  asked.on("error", () => undefined);
  return { ready, seen, end: () => asked.destroy() };
}

/** All of them on a thread of its own, so that watching does not slow writing; `end` waits until each has seen so many writes. */
export async function watchFromAnotherThread(
  order: WatchOrder,
): Promise<{ end: (writes: number) => Promise<Seen> }> {
  const worker = new Worker(new URL("./watch-worker.js", import.meta.url), { workerData: order });
  const next = <Message>(): Promise<Message> =>
    new Promise((done, fail) => {
      worker.once("message", done);
      worker.once("error", fail);
    });
  await next<"ready">();
  return {
    end: (writes) => {
      worker.postMessage(writes);
      return next<Seen>();
    },
  };
}
