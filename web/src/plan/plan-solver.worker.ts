import { solvePlan, type PlanSolved, type Problem } from "@apron/core/plan";

/** What the page sends: a problem and the minute of its table. */
export type SolverOrder = { readonly problem: Problem; readonly tableMin: number };

/** A schedule, maybe not the last one; `gave-up` and `impossible` are. */
export type SolverAnswer =
  | { readonly kind: "solved"; readonly solved: PlanSolved; readonly isLast: boolean }
  | { readonly kind: "impossible" | "gave-up" };

/** Shown at once, then made better: milliseconds. */
const [firstMs, longestMs] = [200, 4000];

function solveWithin(order: SolverOrder, ms: number): SolverAnswer {
  const end = performance.now() + ms;
  const solved = solvePlan(order.problem, order.tableMin, { goOn: () => performance.now() < end });
  if (solved === undefined) return { kind: "impossible" };
  return solved === "gave-up" ? { kind: "gave-up" } : { kind: "solved", solved, isLast: solved.isProven };
}

self.addEventListener("message", ({ data }: MessageEvent<SolverOrder>) => {
  const first = solveWithin(data, firstMs);
  const isDone = first.kind === "impossible" || (first.kind === "solved" && first.isLast);
  if (first.kind !== "gave-up") self.postMessage(first);
  if (isDone) return;
  const better = solveWithin(data, longestMs);
  self.postMessage(better.kind === "solved" ? { ...better, isLast: true } : better);
});
