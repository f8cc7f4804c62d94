import type { PlanDraft } from "@apron/contract";
import { onUnmounted, toRaw } from "vue";
import type { SolverAnswer, SolverOrder } from "./plan-solver.worker.ts";

/** Solves in a worker of its own; a new order ends the one before. */
export function usePlanSolver() {
  let worker: Worker | undefined;
  function stop(): void {
    worker?.terminate();
    worker = undefined;
  }
  function solve({ problem, tableMin }: PlanDraft, answered: (answer: SolverAnswer) => void): void {
    stop();
    const mine = new Worker(new URL("./plan-solver.worker.ts", import.meta.url), { type: "module" });
    worker = mine;
    mine.addEventListener("message", ({ data }: MessageEvent<SolverAnswer>) => {
      if (worker === mine) answered(data);
    });
    mine.postMessage({ problem: toRaw(problem), tableMin } satisfies SolverOrder);
  }
  onUnmounted(stop);
  return { solve, stop };
}
