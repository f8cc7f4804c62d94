import { Piscina } from "piscina";
import { TooMuchWork, type Workers } from "../context/ports/workers.ts";

/** One job at a time leaves the other processor to everybody else. */
const threads = 1;
const mostWaiting = 8;
/** The longest recipe book that may be read takes half as long. Milliseconds. */
const longestMs = 10_000;
/** What a thread may hold, MB: one that would take more ends, and the server does not. */
const mostMegabytes = 1024;

export type ThreadPool = Workers & { readonly close: () => Promise<void> };

/** Jobs in threads of their own, each with a limit of time and of memory; `file` is the built worker. */
export function threadPool(file: string, patienceMs = longestMs): ThreadPool {
  const pool = new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: threads,
    maxQueue: mostWaiting,
    idleTimeout: 60_000,
    resourceLimits: { maxOldGenerationSizeMb: mostMegabytes },
  });
  return {
    run: async (name, ...given) => {
      if (pool.queueSize >= mostWaiting) throw new TooMuchWork("busy-reading");
      try {
        return (await pool.run(given, { name, signal: AbortSignal.timeout(patienceMs) })) as never;
      } catch (error) {
        if (isOverLimit(error)) throw new TooMuchWork("took-too-long");
        throw error;
      }
    },
    close: () => pool.destroy(),
  };
}

/** A thread that was stopped by the clock, or that took all the memory it may have. */
const isOverLimit = (error: unknown): boolean =>
  error instanceof Error &&
  (error.name === "AbortError" || String(error).includes("ERR_WORKER_OUT_OF_MEMORY"));
