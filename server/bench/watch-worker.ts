import { setTimeout as pause } from "node:timers/promises";
import { parentPort, workerData } from "node:worker_threads";
import { watchOne, type WatchOrder } from "./watch.ts";

const patienceMs = 10_000;

const { url, cookies } = workerData as WatchOrder;
const tablets = cookies.map((cookie) => watchOne(url, cookie));
await Promise.all(tablets.map(async ({ ready }) => ready));
parentPort?.once("message", (writes: number) => void finish(writes));
parentPort?.postMessage("ready");

async function finish(writes: number): Promise<void> {
  for (let waited = 0; tablets.some(({ seen }) => seen.length < writes); waited += 20) {
    if (waited > patienceMs) throw new Error("a tablet was not told of every write");
    await pause(20);
  }
  for (const { end } of tablets) end();
  parentPort?.postMessage(tablets.map(({ seen }) => seen));
}
