import type { CookedFood, CookTime } from "@apron/core/plan";
import type { CookEvent, PlanSchedule, PlanTask, PlanWish, SchedulingProblem } from "@apron/contract";

/** A plan as it was kept: what was wished, when its tasks start, and what they were to the cook then. */
export type PlanRecord = {
  readonly id: string;
  readonly tableAt: Date;
  readonly startAt: Date;
  readonly body: {
    readonly wish: PlanWish;
    readonly schedule: PlanSchedule;
    readonly tasks: PlanTask[];
    /** Minute 0 of the problem, UTC instant. */
    readonly from: string;
    readonly problem: SchedulingProblem;
  };
};

export type PlanStore = {
  /** Those whose table is at `since` or later, the next first. */
  readonly upcoming: (since: Date) => Promise<PlanRecord[]>;
  readonly get: (id: string) => Promise<PlanRecord | undefined>;
  readonly put: (plan: PlanRecord, memberId: string) => Promise<void>;
  /** What was said while cooking it, in the order in which it arrived. */
  readonly eventsOf: (planId: string) => Promise<CookEvent[]>;
  /** Writes a fact down; one that is there already is left as it is. */
  readonly addEvent: (planId: string, event: CookEvent, memberId: string) => Promise<void>;
  /** What a plan taught of the times of cooking, in place of what it taught before. */
  readonly setCookTimes: (
    planId: string,
    times: readonly { readonly task: string; readonly food: CookedFood; readonly minutes: number }[],
    at: Date,
  ) => Promise<void>;
  /** The latest times of cooking, oldest first. */
  readonly cookTimes: (limit: number) => Promise<CookTime[]>;
  /** False when there was none. */
  readonly drop: (id: string) => Promise<boolean>;
};
