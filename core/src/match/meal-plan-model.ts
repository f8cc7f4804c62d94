import type { CookedColumns } from "./cooked-columns.ts";
import { writeEating, type EatingColumns } from "./meal-plan-eating.ts";
import {
  effortOfADish,
  fixedShare,
  mostHalves,
  type MealPlanDish,
  type MealPlanFiller,
  type MealPlanLine,
  type MealPlanProblem,
  type MealPlanSource,
} from "./meal-plan-problem.ts";
import { ProgrammeWriter, type Programme, type Term } from "./programme.ts";

type FillerColumn = {
  readonly cooked: CookedColumns;
  readonly line: MealPlanLine;
  readonly filler: MealPlanFiller;
  readonly column: number;
};
/** Usable grams of a lot in a line of a dish on a day. */
export type TakenColumn = FillerColumn & { readonly source: MealPlanSource };

export type MealPlanModel = {
  readonly programme: Programme;
  readonly cooked: readonly CookedColumns[];
  readonly taken: readonly TakenColumn[];
  /** Grams of a filler from the shelf or the shop. */
  readonly added: readonly FillerColumn[];
  readonly eating: EatingColumns;
};

/** A dish that comes again. A judgement, no source. */
const effortOfRepeating = 40;

const range = (count: number): number[] => Array.from({ length: count }, (_, i) => i);

/** Half batches that there is time for on a day. */
function mostHalvesInTime({ minutes }: MealPlanDish, available: number): number {
  if (minutes === 0) return mostHalves;
  const perHalf = (minutes * (1 - fixedShare)) / 2;
  const most = Math.floor((available - minutes * fixedShare) / perHalf + 1e-9);
  return Math.max(0, Math.min(mostHalves, most));
}

/**
 * The exact model: whole half batches by dish and day, grams of each lot by line and day, portions by the day they are
 * eaten on. Its optimum is the best plan under these limits; its relaxation bounds every plan.
 */
export function mealPlanModel(problem: MealPlanProblem): MealPlanModel {
  const writer = new ProgrammeWriter();
  const cooked = problem.dishes.flatMap((dish) =>
    range(problem.days).flatMap((day) => writeCooked(dish, day, { problem, writer })),
  );
  const fillings = cooked.flatMap((one) =>
    one.dish.lines.map((line) => writeLine(one, line, { problem, writer })),
  );
  const taken = fillings.flatMap((one) => one.taken);
  writeLots(problem, taken, writer);
  const eating = writeEating(problem, cooked, writer);
  writeLimits(problem, cooked, writer);
  const { columns, rows } = writer;
  return { programme: { columns, rows }, cooked, taken, added: fillings.flatMap((one) => one.added), eating };
}

type Writing = { readonly problem: MealPlanProblem; readonly writer: ProgrammeWriter };

function writeCooked(dish: MealPlanDish, day: number, { problem, writer }: Writing): CookedColumns[] {
  const { minutesADay, workPerMinute } = problem.limits;
  const most = mostHalvesInTime(dish, minutesADay[day] ?? 0);
  if (most === 0) return [];
  const work = workPerMinute * dish.minutes;
  const halves = writer.count(-(dish.boughtPerBatch + work * (1 - fixedShare)) / 2, most);
  const isCooked = writer.count(-effortOfADish - work * fixedShare, 1);
  writer.atMost(0, [
    [halves, 1],
    [isCooked, -most],
  ]);
  writer.atMost(0, [
    [isCooked, 1],
    [halves, -1],
  ]);
  return [{ dish, day, halves, isCooked }];
}

/** What may fill one line of a dish on a day: in all what it asks for, each filler between its floor and its cap. */
function writeLine(
  cooked: CookedColumns,
  line: MealPlanLine,
  { problem, writer }: Writing,
): { readonly taken: TakenColumn[]; readonly added: FillerColumn[] } {
  const taken = line.fillers.flatMap((filler) =>
    filler.from.flatMap((source) => {
      const lot = problem.lots.find((one) => one.lotId === source.lotId);
      if (!lot || lot.lastDay < cooked.day) return [];
      // Cut food that goes in raw dates the whole dish.
      if (source.clock !== null && source.clock < cooked.day + cooked.dish.keepDays) return [];
      return [{ cooked, line, filler, source, column: writer.amount(lot.urgencyWeight) }];
    }),
  );
  const added = line.fillers.flatMap((filler) =>
    filler.price === null ? [] : [{ cooked, line, filler, column: writer.amount(-filler.price) }],
  );
  const ofLine = (one: FillerColumn): Term => [one.column, 1 / one.filler.gramsPerGram];
  const all = [...taken, ...added];
  const share = (part: number): Term => [cooked.halves, (-part * line.grams) / 2];
  const filled = [...all.map(ofLine), share(1)];
  if (line.isOptional) writer.atMost(0, filled);
  else writer.exactly(0, filled);
  for (const filler of line.fillers) {
    const its = all.filter((one) => one.filler === filler).map(ofLine);
    if (filler.maxShare < 1) writer.atMost(0, [...its, share(filler.maxShare)]);
    if (filler.minShare > 0) writer.atLeast(0, [...its, share(filler.minShare)]);
  }
  if (line.strongShare < 1)
    writer.atMost(0, [...all.filter((one) => one.filler.isStrong).map(ofLine), share(line.strongShare)]);
  return { taken, added };
}

/** No more of a lot than it holds. By one kind of work its parts come off the same pieces: the most needed one counts. */
function writeLots(problem: MealPlanProblem, taken: readonly TakenColumn[], writer: ProgrammeWriter): void {
  for (const { lotId, grams } of problem.lots) {
    const mine = taken.filter((one) => one.source.lotId === lotId);
    const works = [...new Set(mine.map((one) => one.source.work))].map((work) => {
      const its = mine.filter((one) => one.source.work === work);
      const lies = ({ column, source }: TakenColumn): Term => [column, source.perGram];
      const partOf = ({ source }: TakenColumn): string => `${source.toDo} ${source.part}`;
      const parts = [...new Set(its.map(partOf))];
      if (parts.length === 1) return its.map(lies);
      const worked = writer.amount(0, grams);
      for (const part of parts)
        writer.atMost(0, [...its.filter((one) => partOf(one) === part).map(lies), [worked, -1]]);
      return [[worked, 1] as Term];
    });
    writer.atMost(grams, works.flat());
  }
}

/** No more dishes of a kind than are wanted. */
function writeKinds(
  { timesOfAKind = {} }: MealPlanProblem["limits"],
  cooked: readonly CookedColumns[],
  writer: ProgrammeWriter,
): void {
  for (const [kind, most] of Object.entries(timesOfAKind))
    writer.atMost(
      most,
      cooked.filter((one) => one.dish.kind === kind).map(({ isCooked }): Term => [isCooked, 1]),
    );
}

function writeLimits(
  { days, limits, dishes }: MealPlanProblem,
  cooked: readonly CookedColumns[],
  writer: ProgrammeWriter,
): void {
  for (const day of range(days)) {
    const today = cooked.filter((one) => one.day === day);
    const minutes = today.flatMap(({ dish, halves, isCooked }): Term[] => [
      [isCooked, dish.minutes * fixedShare],
      [halves, (dish.minutes * (1 - fixedShare)) / 2],
    ]);
    writer.atMost(limits.minutesADay[day] ?? 0, minutes);
  }
  for (const recipeId of new Set(dishes.map((dish) => dish.recipeId))) {
    const mine = cooked.filter((one) => one.dish.recipeId === recipeId);
    const times = mine.map(({ isCooked }): Term => [isCooked, 1]);
    writer.atMost(limits.mostTimes, times);
    const again = writer.amount(-effortOfRepeating);
    writer.atMost(1, [...times, [again, -1]]);
    for (const day of range(days)) {
      const ways = mine.filter((one) => one.day === day);
      if (ways.length > 1)
        writer.atMost(
          1,
          ways.map(({ isCooked }): Term => [isCooked, 1]),
        );
    }
  }
  writeKinds(limits, cooked, writer);
  for (const { recipeId, day } of limits.keep) {
    const there = cooked.filter((one) => one.dish.recipeId === recipeId && (day === null || one.day === day));
    writer.atLeast(
      1,
      there.map(({ isCooked }): Term => [isCooked, 1]),
    );
  }
}
