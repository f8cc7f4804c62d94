import { foldRun, runPlan, type CookEvent, type PlanToCook, type RunPlan } from "@apron/core/cook";

/** What the page sends: the plan, what was said, and the time it is. */
export type RunOrder = {
  readonly plan: PlanToCook;
  readonly events: readonly CookEvent[];
  readonly now: number;
};

/** Longer than any plan of a kitchen took; the page waits for it with the plan it has. */
const longestMs = 1500;

self.addEventListener("message", ({ data }: MessageEvent<RunOrder>) => {
  const end = performance.now() + longestMs;
  const { plan, events, now } = data;
  const run = foldRun(plan.tasks, events);
  const goesOn: RunPlan = runPlan({ plan, run, now }, { goOn: () => performance.now() < end });
  self.postMessage(goesOn);
});
