import { referenceCatalogue as catalogue } from "../src/catalogue/reference.ts";
import { foldRun, runPlan, type CookEvent, type PlanToCook, type RunTask } from "../src/cook/index.ts";
import {
  draftPlan,
  earliestTable,
  explainImpossible,
  solvePlan,
  type DishToCook,
  type PlanSolved,
  type PlanWish,
} from "../src/plan/index.ts";
import { isHot, stepOf } from "../src/recipes/index.ts";
import { aWish, dip, grain, salad, toCook } from "./dishes-to-plan.ts";
import { optimumWithin } from "./time-indexed.ts";

/**
 * `npm run bench -- plan`: evenings of four and five dishes with checks, planned, explained and planned anew while cooking;
 * and the same problem as a time-indexed programme in HiGHS beside it, in one run.
 */
const evenings = 12;
const longestMs = 2000;
const secondsForHighs = 60;

/** A fixed sequence in [0, 1) (Lehmer, MINSTD): the same evenings on every machine. */
function fixedChance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const patterns = [dip, salad, grain];

/** A dish of a kind, with other minutes. */
function someDish(index: number, chance: () => number): DishToCook {
  const formula = patterns[index % patterns.length] ?? dip;
  const about = (minutes: number | null): number | null =>
    minutes === null ? null : Math.max(1, Math.round(minutes * (0.6 + chance() * 0.8)));
  const steps = formula.steps.map((step) => {
    const passiveMin = step.passiveMin && {
      low: about(step.passiveMin.low) ?? 0,
      high: 40 + Math.round(chance() * 10),
    };
    return stepOf(step.text, { ...step, activeMin: about(step.activeMin), passiveMin });
  });
  return toCook(`dish-${index}`, { ...formula, steps });
}

function timed<Value>(work: () => Value): { readonly ms: number; readonly value: Value } {
  const start = performance.now();
  const value = work();
  return { ms: performance.now() - start, value };
}
const within = (ms: number) => {
  const end = performance.now() + ms;
  return { goOn: () => performance.now() < end };
};
const sorted = (list: readonly number[]): number[] => [...list].sort((a, b) => a - b);
const share = (list: readonly number[], part: number): number =>
  Math.round(sorted(list)[Math.min(list.length - 1, Math.floor(list.length * part))] ?? 0);

/** Something is said of every third task, some minutes late: then the rest is planned anew. */
function replanMs(wish: PlanWish, { schedule }: PlanSolved): number[] {
  const { problem, infos } = draftPlan(wish, wish.tableAt, catalogue);
  const tasks = [...infos.values()].map(({ id, dish, kind, tool, minutes }): RunTask => ({
    ...{ id, dish, kind, minutes, isHot: isHot(tool) },
    plannedAt: (schedule.get(id)?.start ?? 0) * 60_000,
  }));
  const plan: PlanToCook = { problem, tasks, from: 0, tableAt: wish.tableAt * 60_000, cooks: wish.cooks };
  const inTurn = tasks.filter(({ kind }) => kind !== "by-itself").sort((a, b) => a.plannedAt - b.plannedAt);
  const events = inTurn.map(({ id, plannedAt, minutes }, i): CookEvent => {
    const at = plannedAt + (minutes.high + (i % 3)) * 60_000;
    return { id: `event-${i}`, at, act: { kind: "done", task: id } };
  });
  return events.map((event, i) => {
    const run = foldRun(tasks, events.slice(0, i + 1));
    return timed(() => runPlan({ plan, run, now: event.at + 1000 }, within(longestMs))).ms;
  });
}

const figures = {
  tasks: [] as number[],
  spanMs: [] as number[],
  wholeMs: [] as number[],
  explainMs: [] as number[],
};
const replans: number[] = [];
let proven = 0;
let compared: Record<string, unknown> = {};
for (let seed = 1; seed <= evenings; seed++) {
  const chance = fixedChance(seed * 7919);
  const dishes = Array.from({ length: 4 + (seed % 2) }, (_, i) => someDish(i, chance));
  const wish = aWish(dishes);
  const { problem } = draftPlan(wish, wish.tableAt, catalogue);
  figures.tasks.push(problem.tasks.length);
  const light = { ...problem, tasks: problem.tasks.map((task) => ({ ...task, weight: 0 })) };
  figures.spanMs.push(timed(() => solvePlan(light, wish.tableAt, within(longestMs))).ms);
  const whole = timed(() => solvePlan(problem, wish.tableAt, within(longestMs)));
  figures.wholeMs.push(whole.ms);
  if (!whole.value || whole.value === "gave-up") throw new Error("no plan");
  if (whole.value.isProven) proven += 1;
  replans.push(...replanMs(wish, whole.value));
  const early = { ...wish, tableAt: (earliestTable(wish, catalogue, within(longestMs)) ?? 600) - 20 };
  figures.explainMs.push(timed(() => explainImpossible(early, catalogue, within(longestMs))).ms);
  if (seed === 1) {
    // As short a horizon as holds the plan: the programme has a variable a task and minute.
    const end = wish.tableAt - whole.value.startAt + 5;
    const short = draftPlan({ ...wish, tableAt: end }, end, catalogue).problem;
    const ours = timed(() => solvePlan(short, end, within(longestMs))).ms;
    const theirs = timed(() => optimumWithin(short, secondsForHighs));
    compared = {
      oursMs: Math.round(ours),
      highsMs: Math.round(theirs.ms),
      highs: theirs.value === "too-long" ? `not done in ${secondsForHighs} s` : "optimal",
      ratio: `${theirs.value === "too-long" ? "over " : ""}${Math.round(theirs.ms / ours)}`,
    };
  }
}
const of = (list: readonly number[]) => ({
  median: share(list, 0.5),
  p95: share(list, 0.95),
  max: share(list, 1),
});
console.log(
  JSON.stringify(
    {
      ...{ evenings, tasks: of(figures.tasks), spanMs: of(figures.spanMs), wholeMs: of(figures.wholeMs) },
      ...{
        proven: `${proven} of ${evenings}`,
        explainMs: of(figures.explainMs),
        replanMs: of(replans),
        compared,
      },
    },
    null,
    2,
  ),
);
