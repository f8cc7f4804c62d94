import type { PlanProof, ReplyOf } from "@apron/contract";
import type { LineReading, OunceMeaning, OwnEntries } from "@apron/core/catalogue";
import type { readLotsCsv } from "@apron/core/exchange";
import type { MealPlanProblem, WrittenPlan } from "@apron/core/match";
import type { CupSystem, Day } from "@apron/core/measure";
import type { Answer } from "../refusal.ts";

/** What reading needs to know of a kitchen, as one plain value. */
export type ReadingKitchen = {
  readonly own: OwnEntries;
  readonly cup: CupSystem;
  readonly ounces: Readonly<Record<string, OunceMeaning>>;
  readonly meanings: Readonly<Record<string, string>>;
};

/** What people send may take long to read: that is done beside the server, so that nobody else waits for it. */
export type Jobs = {
  readonly readLines: (lines: readonly string[], kitchen: ReadingKitchen) => LineReading[];
  readonly readLots: (csv: string, kitchen: ReadingKitchen, today: Day) => ReturnType<typeof readLotsCsv>;
  /** The coming days; undefined where what is kept and what there is time for cannot both be. */
  readonly solveMealPlan: (
    problem: MealPlanProblem,
    seconds: number,
  ) => Promise<{ readonly written: WrittenPlan; readonly proof: PlanProof } | undefined>;
  readonly readRecipes: (text: string, kitchen: ReadingKitchen) => Answer<ReplyOf<"readRecipes">>;
};
type JobName = keyof Jobs;

export type Workers = {
  /** Throws TooMuchWork where so much waits already, or where it took longer than it may. */
  readonly run: <Name extends JobName>(
    name: Name,
    ...given: Parameters<Jobs[Name]>
  ) => Promise<Awaited<ReturnType<Jobs[Name]>>>;
};

/** It was not read: nothing is wrong with the server, and the others are served meanwhile. */
export class TooMuchWork extends Error {
  constructor(readonly code: "busy-reading" | "took-too-long") {
    super(code);
  }
}
