import type { Catalogue } from "../catalogue/index.ts";
import {
  isHot,
  isMachine,
  linesNamed,
  type Formula,
  type Line,
  type Minutes,
  type Step,
} from "../recipes/index.ts";
import {
  foodOf,
  heatedFood,
  learnedTime,
  type CookedFood,
  type CookTime,
  type LearnedTime,
} from "./cooked-food.ts";
import { tableTime } from "./table-time.ts";
import {
  behindStanding,
  cutTimes,
  otherStepMin,
  trimTimes,
  usualTimes,
  type HandTime,
} from "./tables/hand-times.ts";

/** Where minutes come from: the recipe's own words, the tables of cooking, a rule of thumb, the cook, or earlier cooks here. */
export const timesFrom = ["recipe", "table", "usual", "cook", "kitchen"] as const;
export type TimesFrom = (typeof timesFrom)[number];

/** Minutes of a step: of the hands, by itself (low–high), and where they are from. */
export type StepTimes = {
  readonly workMin: number;
  readonly byItself: Minutes | null;
  readonly from: TimesFrom;
  /** What is cooked, where it is a food that this kitchen may learn the time of; and what it has learned. */
  readonly food?: CookedFood | null;
  readonly learned?: LearnedTime | undefined;
};

/** A step that heats and says no time, of food that the tables have none for: the cook is asked. */
export type Unknown = { readonly from: "unknown" };

/** A recipe's minutes of work are for one batch; twice the food takes not quite twice as long. Common practice, no source. */
const forBatches = (minutes: number, batches: number): number =>
  Math.max(1, Math.round(minutes * Math.max(0.5, 0.3 + 0.7 * batches)));

const minutesOf = (text: string, grams: number, times: readonly HandTime[]): number => {
  const row = times.find(({ words }) => words.test(text));
  return row ? Math.max(row.leastMin, (row.minutesPer100g * grams) / 100) : 0;
};

/** "No need to peel", "do not core": work that is not done. */
const notDone = /\b(?:no need to|needn't|need not|do(?:n't| not)|not|without|never) (?:be )?\w+/gi;

/** What the hands need to get a line ready, minutes, for so many usable grams: its trim, and its cut. */
export function preparationMin(line: Line, grams: number): number {
  const trim = line.trim === null ? "" : line.trim;
  const preparation = line.preparation.replace(notDone, "");
  return minutesOf(`${trim} ${preparation}`, grams, trimTimes) + minutesOf(preparation, grams, cutTimes);
}

/** Minutes that the tables of cooking give for what a step heats, the longest of its lines; undefined where none is known. */
function tableTimes(formula: Formula, step: Step, catalogue: Catalogue): Minutes | undefined {
  const mentioned = linesNamed(formula, step, catalogue).filter((line) => line.cook !== null);
  const heated = mentioned.length > 0 ? mentioned : formula.lines.filter((line) => line.cook !== null);
  const rows = heated
    .flatMap((line) => foodOf(line, step) ?? [])
    .flatMap((food) => tableTime(food, catalogue) ?? []);
  if (rows.length === 0) return undefined;
  return { low: Math.max(...rows.map((row) => row.low)), high: Math.max(...rows.map((row) => row.high)) };
}

/** "and leave to cool": from here on it stands; "the rest" is what is left of something. */
const standsFrom = /\b(?:stand|(?<!\bthe )rest|cool|leave|steam|soak|chill)\b(.*)$/is;

/** What hands do with food once it has stood, minutes: the longest that the words say; 0 for none. Common practice, no source. */
export function workBehind(text: string): number {
  const [, behind = ""] = standsFrom.exec(text) ?? [];
  return Math.max(
    0,
    ...behindStanding.filter(({ words }) => words.test(behind)).map(({ workMin }) => workMin),
  );
}

/**
 * How long what is made must stand at the board or in the fridge before it goes on, minutes: that is a task by itself, with its
 * place and its timer. 0 where something cooks or a machine ran before it: that wait only keeps two steps apart.
 */
export const standsMin = (step: Step): number =>
  step.passiveMin !== null || isHot(step.tool) || isMachine(step.tool) ? 0 : (step.wait?.leastMin ?? 0);

/** The same as minutes of a task; null where nothing has to stand. */
export function standing(step: Step): Minutes | null {
  const minutes = standsMin(step);
  return minutes > 0 ? { low: minutes, high: minutes } : null;
}

/** What is left of a step's wait once it has stood; null where nothing was said. */
export function waitBehind(step: Step): { readonly least: number; readonly most: number | null } | null {
  if (!step.wait) return null;
  const { leastMin, mostMin } = step.wait;
  const stood = standsMin(step);
  return { least: leastMin - stood, most: mostMin === null ? null : mostMin - stood };
}

const saysTime = (step: Step): boolean =>
  step.activeMin !== null || step.passiveMin !== null || step.wait !== null;

/** "Leave for at least four weeks before eating": what goes on long after the cooking is no task of it. */
const longAfterwards = /\b(?:weeks?|months?)\b/i;

type Asked = {
  readonly formula: Formula;
  readonly index: number;
  readonly batches: number;
  readonly lessons: readonly CookTime[];
};

/**
 * How long a step takes: as this kitchen's own cooks took, where it has any; as the recipe says; else as the tables do for
 * what is heated; else as long as such work usually takes. `unknown` where it heats and nobody knows for how long.
 */
export function stepTimes(asked: Asked, catalogue: Catalogue): StepTimes | Unknown {
  const times = saidTimes(asked, catalogue);
  const step = asked.formula.steps[asked.index];
  if (times.from === "unknown" || !step || !times.byItself) return times;
  const food = heatedFood(asked.formula, step, linesNamed(asked.formula, step, catalogue));
  const learned = food ? learnedTime(food, times.byItself, asked.lessons) : undefined;
  return learned
    ? { ...times, byItself: learned.minutes, from: "kitchen", food, learned }
    : { ...times, food };
}

/** What is said of a step: by the recipe, the tables, or rules of thumb. */
function saidTimes(
  { formula, index, batches }: Omit<Asked, "lessons">,
  catalogue: Catalogue,
): StepTimes | Unknown {
  const step = formula.steps[index];
  if (!step) return { from: "unknown" };
  // What stands by itself in a machine's step stood before it: "let it cool, then run it".
  const standsNow = !isMachine(step.tool) && !longAfterwards.test(step.text);
  const fitting = standsNow ? usualTimes : usualTimes.filter((one) => one.byItself === null);
  const usual = fitting.find(({ words }) => words.test(step.text));
  if (saysTime(step)) {
    const besideClock = 2 + (step.wait ? workBehind(step.text) : 0);
    const usually = step.passiveMin || step.wait ? besideClock : (usual?.workMin ?? otherStepMin);
    return {
      workMin: step.activeMin === null ? usually : forBatches(step.activeMin, batches),
      byItself: step.passiveMin ?? standing(step),
      from: "recipe",
    };
  }
  if (isHot(step.tool)) {
    const byItself = tableTimes(formula, step, catalogue);
    return byItself ? { workMin: 2, byItself, from: "table" } : { from: "unknown" };
  }
  return {
    workMin: forBatches(usual?.workMin ?? otherStepMin, batches),
    byItself: usual?.byItself ?? null,
    from: "usual",
  };
}
