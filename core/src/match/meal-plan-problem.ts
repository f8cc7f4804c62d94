import { urgency } from "../basket/index.ts";
import type { Fit } from "../forms/index.ts";
import type { DishKind } from "../recipes/index.ts";

/**
 * The coming days as one plain value: what is there and until when, what could be cooked of it, who eats how much. Day 0
 * is today. All grams that lines take are usable grams; a lot's are as it lies.
 */
export type MealPlanProblem = {
  /** Days on which something may be cooked, 1–7. */
  readonly days: number;
  readonly lots: readonly MealPlanLot[];
  readonly dishes: readonly MealPlanDish[];
  /** What stands in the larder, and is eaten before anything else is cooked for its place. */
  readonly stored: readonly MealPlanBatch[];
  readonly limits: MealPlanLimits;
};

type MealPlanLot = {
  readonly lotId: string;
  readonly ingredient: string;
  /** As it lies. */
  readonly grams: number;
  /** Usable grams in all. */
  readonly usableG: number;
  /** The last day on which it may be used. */
  readonly lastDay: number;
  /** What a usable gram used is worth, 0–1: see urgency. */
  readonly urgencyWeight: number;
  readonly freezesWhole: boolean;
};

/** A dish that could be cooked, as often as it is worth it. */
export type MealPlanDish = {
  readonly id: string;
  readonly recipeId: string;
  readonly name: string;
  readonly kind: DishKind;
  /** Of one batch. */
  readonly servings: number;
  readonly minutes: number;
  /** Days after the one it is cooked on that it may still be eaten. */
  readonly keepDays: number;
  readonly freezes: boolean;
  /** Lines that a lot can fill; what the others need bought for one batch, and what that counts against the plan. */
  readonly lines: readonly MealPlanLine[];
  readonly bought: readonly { readonly ingredient: string; readonly grams: number }[];
  readonly boughtPerBatch: number;
};

export type MealPlanLine = {
  readonly lineId: string;
  /** Of one batch. */
  readonly grams: number;
  readonly isOptional: boolean;
  /** What dominant fillers may take of it in all, 0–1. */
  readonly strongShare: number;
  readonly fillers: readonly MealPlanFiller[];
};

export type MealPlanFiller = {
  readonly ingredient: string;
  /** Grams of it that stand for one gram of the line. */
  readonly gramsPerGram: number;
  readonly minShare: number;
  readonly maxShare: number;
  readonly isStrong: boolean;
  /** What a gram of it that is not of a lot counts against the plan; 0 of the shelf, null where it is not bought. */
  readonly price: number | null;
  readonly from: readonly MealPlanSource[];
};

/** A lot as a filler can take it. */
export type MealPlanSource = {
  readonly lotId: string;
  /** Grams as they lie for one usable gram. */
  readonly perGram: number;
  readonly toDo: string | null;
  /** What is taken of the same pieces by the same work shares the lot; each part of that comes off beside the others. */
  readonly work: string;
  readonly part: Fit["part"];
  /** The last day on which what it goes into may be eaten; null where it sets none. */
  readonly clock: number | null;
};

export type MealPlanBatch = {
  readonly id: string;
  readonly name: string;
  readonly kind: DishKind;
  readonly portions: number;
  readonly lastDay: number;
};

export type MealPlanLimits = {
  /** Portions that are eaten on each day, in all; on the days after the last one, half of that. */
  readonly portionsADay: readonly number[];
  /** Of these, of one kind of dish. */
  readonly ofAKind: Readonly<Partial<Record<DishKind, readonly number[]>>>;
  /** Minutes for cooking on each day. */
  readonly minutesADay: readonly number[];
  /** Portions that the freezer has room for. */
  readonly freezerPortions: number;
  /** Portions that can be given away, of all dishes together. */
  readonly givePortions: number;
  /** How often one dish is cooked at most. */
  readonly mostTimes: number;
  /** How often dishes of one kind are cooked at most, all together; a kind that is not named as often as you like. */
  readonly timesOfAKind?: Readonly<Partial<Record<DishKind, number>>>;
  /** What a minute of work counts against the plan, in usable grams on their last day. */
  readonly workPerMinute: number;
  /** Dishes that have to be in it, on that day or any (null). */
  readonly keep: readonly { readonly recipeId: string; readonly day: number | null }[];
};

/** Days after the last one for cooking on which what was cooked may still be eaten. */
export const tailDays = 2;
/** Half batches of one dish on one day, at most. */
export const mostHalves = 8;

/** Of a dish's minutes what it takes however little is cooked; the rest grows with each half batch. A judgement, no source. */
export const fixedShare = 0.7;
export const minutesOf = (dish: Pick<MealPlanDish, "minutes">, halves: number): number =>
  halves === 0 ? 0 : dish.minutes * (fixedShare + ((1 - fixedShare) * halves) / 2);

/** Portions eaten on a day; on days after the last one that is told of, half of that. */
export const portionsOn = (portions: readonly number[], day: number): number =>
  portions[day] ?? (portions.at(-1) ?? 0) / 2;

/** Beside its minutes a dish costs attention; usable grams on their last day. A judgement, no source. */
export const effortOfADish = 15;

/** Giving a portion away is worth a little less than eating it; usable grams on their last day. A judgement, no source. */
export const givingCosts = 0.1;
/** A portion of what stands in the larder is worth something, the more the sooner it has to be eaten. A judgement, no source. */
export const worthOfStored = ({ lastDay }: Pick<MealPlanBatch, "lastDay">): number => 40 * urgency(lastDay);
