import { Agent, get } from "node:http";

export type Load = { readonly medianMs: number; readonly p95Ms: number; readonly perSecond: number };

export const median = (values: readonly number[]): number => quantile(values, 0.5);

const quantile = (values: readonly number[], share: number): number =>
  [...values].sort((a, b) => a - b)[Math.min(values.length - 1, Math.floor(values.length * share))] ??
  Number.NaN;

/** One request over a kept-alive loopback connection; milliseconds until its last byte. */
function once(url: string, cookie: string, agent: Agent): Promise<number> {
  const start = performance.now();
  return new Promise((done, fail) => {
    get(url, { agent, headers: { cookie } }, (response) => {
      if (response.statusCode !== 200) fail(new Error(`${url} answered ${response.statusCode}`));
      response.resume();
      response.on("end", () => done(performance.now() - start));
    }).on("error", (error) => fail(new Error(`${url}: ${error.message}`)));
  });
}

export type LoadOrder = {
  /** Asked for one after the other, round and round. */
  readonly urls: readonly string[];
  readonly cookie: string;
  readonly atOnce: number;
  readonly requests: number;
};

/** A bounded load on a loopback address: `requests` in all, `atOnce` at a time. */
export async function load({ urls, cookie, atOnce, requests }: LoadOrder): Promise<Load> {
  if (!urls.every((url) => url.startsWith("http://127.0.0.1:"))) throw new Error("loads go to loopback only");
  const agent = new Agent({ keepAlive: true, maxSockets: atOnce });
  const times: number[] = [];
  let asked = 0;
  const start = performance.now();
  const session = async (): Promise<void> => {
    while (asked < requests) times.push(await once(urls[asked++ % urls.length] ?? "", cookie, agent));
  };
  await Promise.all(Array.from({ length: Math.min(atOnce, requests) }, session));
  const seconds = (performance.now() - start) / 1000;
  agent.destroy();
  return { medianMs: median(times), p95Ms: quantile(times, 0.95), perSecond: requests / seconds };
}
