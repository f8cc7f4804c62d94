import type { Formula, StepTool } from "../recipes/index.ts";
import type { Lag, Mode, Moment, Task } from "./problem.ts";
import type { CookedFood, CookTime, LearnedTime } from "./cooked-food.ts";
import type { StepTimes, TimesFrom } from "./step-times.ts";

/** A dish that is to be on the table. `times` are the minutes that the cook gave to steps, by their number. */
export type DishToCook = {
  readonly id: string;
  readonly formula: Formula;
  readonly batches: number;
  readonly times: ReadonlyMap<number, Pick<StepTimes, "workMin" | "byItself">>;
  /** What cooking really took in this kitchen, oldest first. */
  readonly lessons: readonly CookTime[];
  /** Steps that are done in another way than is written, by their number: which of `waysOfStep`. */
  readonly ways: ReadonlyMap<number, number>;
  /** It was made earlier, and is only taken out. */
  readonly isMade: boolean;
};

/** What a kitchen has to cook with: places for pots, trays and pairs of hands. */
export type CookingPlaces = {
  readonly trays: number;
  readonly rings: number;
  readonly hasGrill: boolean;
  readonly hasOven: boolean;
  /** The grill is lit with charcoal. */
  readonly isCharcoal: boolean;
  /** Shelves of the fridge that may be used. */
  readonly shelves: number;
};

/** What a kitchen that has not said otherwise is taken to have: common practice, no source. */
export const usualPlaces: Omit<CookingPlaces, "hasOven"> = {
  ...{ trays: 2, rings: 4, hasGrill: true, isCharcoal: false, shelves: 4 },
};

export const taskKinds = [
  "prepare",
  "work",
  "put-in",
  "by-itself",
  "look",
  "take-out",
  "warm-up",
  "wash-up",
  "taste",
] as const;
export type TaskKind = (typeof taskKinds)[number];

/** Heating up and what stands or cooks by itself leave the hands free. */
export const needsHands = (kind: TaskKind): boolean => kind !== "by-itself" && kind !== "warm-up";

/** What a task is to the cook. `step` is null of what stands in no step; `minutes` are planned at the high end. */
export type CookingTask = {
  readonly id: string;
  readonly dish: string;
  readonly step: number | null;
  readonly kind: TaskKind;
  readonly tool: StepTool | null;
  readonly celsius: number | null;
  readonly minutes: { readonly low: number; readonly high: number };
  readonly from: TimesFrom;
  /** How a line is cooked that stands in no step; null of all else. */
  readonly method: string | null;
  /** Lines that are got ready in it. */
  readonly lineIds: readonly string[];
  /** What cooks by itself in it, and what this kitchen has learned of its time. */
  readonly food: CookedFood | null;
  readonly learned: LearnedTime | null;
  /** What a machine is washed for with care: another dish is free of them. */
  readonly allergens: readonly string[];
  /** The pot stays where it is: the next step goes on in it. */
  readonly staysOn: boolean;
  /** Which of several loads of a machine or pan it is, and what goes into each, grams. */
  readonly load: { readonly number: number; readonly of: number; readonly grams: number } | null;
  /** What stands before the work of its step: it says the step's words, for somebody has to begin it. */
  readonly begins: boolean;
};

/** Shares of a tray are counted in hundredths: amounts of a resource are whole. */
export const trayParts = 100;

/** Tasks, waits and what stands where, as they are gathered from dishes. */
export type Draft = {
  readonly tasks: Task[];
  readonly lags: Lag[];
  readonly infos: Map<string, CookingTask>;
  /** Oven tasks with what they are set to. */
  readonly ovens: { readonly task: string; readonly celsius: number | null }[];
};

export const emptyDraft = (): Draft => ({ tasks: [], lags: [], infos: new Map(), ovens: [] });

/** Tasks may start at any minute of the plan; whoever plans narrows it. */
const anyTime = { from: 0, to: Number.MAX_SAFE_INTEGER };

/** Adds a task; its uses beside its minutes. Returns its id. */
export function addTask(
  draft: Draft,
  info: CookingTask,
  { uses, weight }: { readonly uses: Mode["uses"]; readonly weight: number },
): string {
  const minutes = Math.max(0, Math.round(info.minutes.high));
  draft.tasks.push({ id: info.id, modes: [{ id: "only", minutes, uses }], window: anyTime, weight });
  draft.infos.set(info.id, info);
  return info.id;
}

const moment = (task: string, at: Moment["at"]): Moment => ({ task, at });

/** From the end of one to the start of the other at least, and at most, so long. */
export function follow(
  draft: Draft,
  [from, to]: readonly [string, string],
  { least = 0, most = null }: { readonly least?: number; readonly most?: number | null } = {},
): void {
  draft.lags.push({ from: moment(from, "end"), to: moment(to, "start"), least, most });
}

/** From the start of one to the start of the other, give or take. */
export function during(
  draft: Draft,
  [from, to]: readonly [string, string],
  { after, giveOrTake }: { readonly after: number; readonly giveOrTake: number },
): void {
  draft.lags.push({
    from: moment(from, "start"),
    to: moment(to, "start"),
    least: after - giveOrTake,
    most: after + giveOrTake,
  });
}
