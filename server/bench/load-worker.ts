import { parentPort, workerData } from "node:worker_threads";
import { load, type Load, type LoadOrder } from "./load.ts";

/** Loads run on a thread of their own, so that asking does not slow answering. */
const order = workerData as LoadOrder;
const result: Load = await load(order);
parentPort?.postMessage(result);
