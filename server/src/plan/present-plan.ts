import type { PlanDraft, PlanSchedule, PlanTask } from "@apron/contract";
import { showGrams } from "@apron/core/measure";
import {
  linesOfTask,
  type CookingTask,
  type DishToCook,
  type Drafted,
  type PlanSolved,
  type PlanWish,
} from "@apron/core/plan";
import { inWays, waysOfStep, writtenFiller, type Line, type Step, type StepWay } from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import { piecesAsked } from "../recipes/line-pieces.ts";
import { nameFor } from "../stock/present-lot.ts";
import { instantOf } from "./wish-of.ts";

type Planning = { readonly wish: PlanWish; readonly from: Date; readonly context: RequestContext };

function lineWords(line: Line, batches: number, context: RequestContext): string {
  const { units: system, locale } = context.session.kitchen;
  const written = writtenFiller(line)?.ingredient;
  const name = written === undefined ? "" : nameFor(context, written);
  const grams = (g: number): string => showGrams(g, { system, locale });
  const pieces = piecesAsked(line, batches, context);
  return pieces
    ? `${pieces.count} ${pieces.name} (${grams(pieces.grams)})`
    : `${name} ${grams(line.grams * batches)}`;
}

function loadWords({ load }: CookingTask, { session }: RequestContext): string {
  const { units: system, locale } = session.kitchen;
  return load ? `load ${load.number} of ${load.of}, ${showGrams(load.grams, { system, locale })}` : "";
}

/** All ways of a task's step and which it is; nothing where there is but one. */
function wayOf({ step }: CookingTask, { formula, ways }: DishToCook): Pick<PlanTask, "way" | "ways"> {
  const written = step === null ? undefined : formula.steps[step];
  if (step === null || !written?.otherWays?.length) return {};
  const texts = waysOfStep(written).map(({ text }) => text);
  const way = ways.get(step) ?? 0;
  return { way: way < texts.length ? way : 0, ways: texts };
}

/** A step without the other ways that it could be done in. */
const asDone = ({ otherWays: _, ...step }: Step): StepWay => step;

/** What each task is to the cook: its step's words, its dish, what is got ready in it. */
function presentTasks({ infos }: Drafted, { wish, context }: Planning): PlanTask[] {
  return [...infos.values()].flatMap((info) => {
    const dish = wish.dishes.find(({ id }) => id === info.dish);
    if (!dish) return [];
    const formula = inWays(dish.formula, dish.ways);
    const step = info.step === null ? undefined : formula.steps[info.step];
    const lines = dish.formula.lines.filter((line) => info.lineIds.includes(line.id));
    const { id, kind, tool, celsius, minutes, from, method, food, learned, staysOn, begins, allergens } =
      info;
    return [
      {
        ...{ id, kind, tool, celsius, minutes, from, method, dish: dish.id, dishName: dish.formula.name },
        step: info.step,
        text: step?.text ?? "",
        doneWhen: step?.doneWhen ?? "",
        lines: lines.map((line) => lineWords(line, dish.batches, context)),
        lineIds: linesOfTask(info, formula, context.catalogue),
        load: loadWords(info, context),
        ...(step && { written: asDone(step) }),
        food,
        ...{ staysOn, begins, allergens },
        ...wayOf(info, dish),
        learned: learned && { cooks: learned.cooks, said: learned.said },
      },
    ];
  });
}

export function presentDraft(drafted: Drafted, planning: Planning): PlanDraft {
  const { wish, from } = planning;
  const asked = drafted.missing.flatMap(({ dish: id, step }) => {
    const dish = wish.dishes.find((one) => one.id === id);
    const text = dish?.formula.steps[step]?.text;
    return dish && text !== undefined ? [{ dish: id, dishName: dish.formula.name, step, text }] : [];
  });
  return {
    from: from.toISOString(),
    tableMin: wish.tableAt,
    problem: {
      ...drafted.problem,
      tasks: [...drafted.problem.tasks],
      lags: [...drafted.problem.lags],
    },
    tasks: presentTasks(drafted, planning),
    asked,
    ways: [],
  };
}

export const presentSchedule = (solved: PlanSolved, from: Date): PlanSchedule => ({
  starts: [...solved.schedule].map(([task, { start }]) => ({ task, at: instantOf(from, start) })),
  startAt: instantOf(from, solved.startAt),
  latestStart: instantOf(from, solved.latestStart),
  isProven: solved.isProven,
});
