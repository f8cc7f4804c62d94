import {
  isHot,
  writtenFiller,
  type Formula,
  type Line,
  type Minutes,
  type Step,
  type StepTool,
} from "../recipes/index.ts";
import { sameHeatCelsius } from "./tables/hand-times.ts";
import { learnYield, pieceMm, predictNext, priorOf } from "../trim/index.ts";

/** What a time of cooking is of: a food, how it is cooked and with what, how hot, and in pieces of which size (mm). */
export type CookedFood = {
  readonly ingredient: string;
  readonly method: string | null;
  readonly tool: StepTool;
  readonly celsius: number | null;
  readonly sizeMm: number | null;
};

/** How long it really took once in this kitchen, minutes. */
export type CookTime = CookedFood & { readonly minutes: number };

/** What this kitchen's own cooks say, beside what the recipe or the tables say. */
export type LearnedTime = {
  readonly minutes: Minutes;
  readonly said: Minutes;
  readonly cooks: number;
};

/** A line as a step cooks it; null where nothing cooks in it, or nothing fills the line. */
export function foodOf(line: Line, { tool, celsius, text }: Step): CookedFood | null {
  const ingredient = writtenFiller(line)?.ingredient;
  if (tool === null || ingredient === undefined) return null;
  const sizeMm = pieceMm(line.preparation) ?? pieceMm(text) ?? null;
  return { ingredient, method: line.cook, tool, celsius, sizeMm };
}

/** The food that a step heats: of the lines that its words name the heaviest that is cooked, else the heaviest cooked of all. */
export function heatedFood(formula: Formula, step: Step, named: readonly Line[]): CookedFood | null {
  if (!isHot(step.tool)) return null;
  const cooked = (lines: readonly Line[]): Line | undefined =>
    [...lines].filter((line) => line.cook !== null).sort((a, b) => b.grams - a.grams)[0];
  const line = cooked(named) ?? cooked(formula.lines);
  return line ? foodOf(line, step) : null;
}

/** Pieces this far apart are of one size, as a share. Common practice, no source. */
const sameSizeShare = 0.2;

const isNear = (a: number | null, b: number | null, within: number): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) <= within;

/** Is a time of the one a time of the other? */
export const isAlike = (a: CookedFood, b: CookedFood): boolean =>
  a.ingredient === b.ingredient &&
  a.method === b.method &&
  a.tool === b.tool &&
  isNear(a.celsius, b.celsius, sameHeatCelsius) &&
  isNear(a.sizeMm, b.sizeMm, sameSizeShare * (a.sizeMm ?? 0));

/** A recipe that says one number means about that: a seventh to either side. Common practice, no source. */
const aboutShare = 0.15;

/**
 * Minutes that this kitchen should expect, from what its cooks really took (oldest first) and what is said (low, high > 0): the
 * same learning as of yields, on a log scale; the range holds nine in ten of the next. Undefined while nobody cooked it.
 */
export function learnedTime(
  food: CookedFood,
  said: Minutes,
  times: readonly CookTime[],
): LearnedTime | undefined {
  const own = times.filter((time) => isAlike(food, time));
  const middle = Math.sqrt(said.low * said.high);
  if (own.length === 0 || !(middle > 0)) return undefined;
  const [low, high] = [
    Math.min(said.low, middle * (1 - aboutShare)),
    Math.max(said.high, middle * (1 + aboutShare)),
  ];
  // Minutes beyond 1 are learned on the log scale, as yields beyond 1 are; a shorter one is no cooking.
  const prior = priorOf({ mean: Math.max(1, middle), low: Math.max(1, low), high: Math.max(1.2, high) });
  const learned = learnYield(
    prior,
    own.map(({ minutes }) => Math.max(1, minutes)),
  );
  const next = predictNext(learned, 0.9);
  return { minutes: { low: next.low, high: next.high }, said, cooks: learned.weighings };
}
