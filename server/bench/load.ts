import { randomUUID } from "node:crypto";
import { Agent, request } from "node:http";
import { setTimeout as pause } from "node:timers/promises";
import { Worker } from "node:worker_threads";

export type Load = {
  readonly medianMs: number;
  readonly p95Ms: number;
  readonly perSecond: number;
  /** When each request was begun, on the clock of all threads. */
  readonly sentAt: readonly number[];
};

/** Milliseconds, the same in every thread. */
export const clock = (): number => performance.timeOrigin + performance.now();

export const median = (values: readonly number[]): number => quantile(values, 0.5);

export const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ??
  Number.NaN;

/** One request over a kept-alive loopback connection; milliseconds until its last byte. */
function once(url: string, { cookie, post, status = 200 }: LoadOrder, agent: Agent): Promise<number> {
  const start = performance.now();
  const id = randomUUID();
  const headers = {
    cookie,
    ...(post === undefined ? {} : { "content-type": "application/json", "idempotency-key": id }),
  };
  return new Promise((done, fail) => {
    const asked = request(
      url,
      { agent, headers, method: post === undefined ? "GET" : "POST" },
      (response) => {
        if (status !== "any" && response.statusCode !== status)
          fail(new Error(`${url} answered ${response.statusCode}`));
        response.resume();
        response.on("end", () => done(performance.now() - start));
      },
    );
    asked.on("error", (error) => fail(new Error(`${url}: ${error.message}`)));
    asked.end(post?.replaceAll("#", id));
  });
}

export type LoadOrder = {
  /** Asked for one after the other, round and round. */
  readonly urls: readonly string[];
  readonly cookie: string;
  readonly atOnce: number;
  readonly requests: number;
  /** No new request is begun after so long; by default the number of requests alone ends it. */
  readonly seconds?: number;
  /** Sent as JSON with a key of its own; every # in it becomes an id of its own. */
  readonly post?: string;
  /** What has to be answered; by default 200. */
  readonly status?: number | "any";
  /** Between one request and the next. */
  readonly pauseMs?: number;
};

/** A bounded load on a loopback address: `requests` in all, `atOnce` at a time. */
export async function load(order: LoadOrder): Promise<Load> {
  const { urls, atOnce, requests, seconds = 600, pauseMs = 0 } = order;
  if (!urls.every((url) => url.startsWith("http://127.0.0.1:"))) throw new Error("loads go to loopback only");
  const agent = new Agent({ keepAlive: true, maxSockets: atOnce });
  const times: number[] = [];
  const sentAt: number[] = [];
  let asked = 0;
  const start = performance.now();
  const isOver = (): boolean => asked >= requests || performance.now() - start > seconds * 1000;
  const session = async (): Promise<void> => {
    while (!isOver()) {
      sentAt.push(clock());
      times.push(await once(urls[asked++ % urls.length] ?? "", order, agent));
      if (pauseMs > 0) await pause(pauseMs);
    }
  };
  await Promise.all(Array.from({ length: Math.min(atOnce, requests) }, session));
  const took = (performance.now() - start) / 1000;
  agent.destroy();
  return { medianMs: median(times), p95Ms: quantile(times, 0.95), perSecond: times.length / took, sentAt };
}

/** The same on a thread of its own, so that asking does not slow answering. */
export const loadFromAnotherThread = (order: LoadOrder): Promise<Load> =>
  new Promise((done, fail) => {
    const worker = new Worker(new URL("./load-worker.js", import.meta.url), { workerData: order });
    worker.once("message", done);
    worker.once("error", fail);
  });

/** A ratio as it is shown: two decimals. */
export const ratio = (value: number): number => Math.round(value * 100) / 100;
