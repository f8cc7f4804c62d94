import type { Catalogue } from "../catalogue/index.ts";
import { orderByAllergens } from "./allergen-order.ts";
import { crewHands, withCrewHands, type Cook } from "./crew.ts";
import { emptyDraft, trayParts, type CookingPlaces, type DishToCook, type Draft } from "./cooking-task.ts";
import { invariant } from "../measure/index.ts";
import type { Problem, Resource, Schedule, Separation, Span } from "./problem.ts";
import { reverseSchedule, reverseTime } from "./reverse-time.ts";
import type { Limits } from "./search.ts";
import { findSchedule, leastEnd, solveSchedule, weightless, type Outcome } from "./solve-schedule.ts";
import { addDish, table, type MissingTime } from "./tasks-of-dish.ts";
import { sameHeatCelsius } from "./tables/hand-times.ts";
import { verifySchedule } from "./verify-schedule.ts";

/** An oven is changed from one heat to another in so many minutes. Common practice, no source. */
const changeOfHeatMin = 10;

/** A task that the cook put at a minute; the plan goes round it. */
export type FixedStart = { readonly task: string; readonly start: number };

/**
 * What is to be planned, in minutes after now: dishes on the table at `tableAt`. Nobody works in `away`: the night, the
 * hours before the cook is home.
 */
export type PlanWish = {
  readonly dishes: readonly DishToCook[];
  readonly tableAt: number;
  readonly places: CookingPlaces;
  readonly cooks: number;
  /** Who they are, where not all do everything: as many as there are cooks, or nobody. */
  readonly crew: readonly Cook[];
  readonly away: readonly Span[];
  readonly fixed: readonly FixedStart[];
};

/** A schedule of a plan, how good it is, and how much better another could be. Minutes after now. */
export type PlanSolved = {
  readonly schedule: Schedule;
  readonly startAt: number;
  /** No plan can begin later than this. */
  readonly latestStart: number;
  /** No plan begins later, and of those that begin then none leaves food standing less. */
  readonly isProven: boolean;
};

/** A wish as a problem, with what its tasks are to the cook. */
export type Drafted = {
  readonly problem: Problem;
  readonly infos: Draft["infos"];
  readonly missing: readonly MissingTime[];
};

const resourcesOf = ({ places, cooks, crew, away }: PlanWish): Resource[] => [
  { id: "hands", capacity: cooks, closed: away },
  ...crewHands(crew, away),
  { id: "oven", capacity: places.hasOven ? places.trays * trayParts : 0, closed: [] },
  { id: "hob", capacity: places.rings, closed: [] },
  { id: "grill", capacity: places.hasGrill ? 1 : 0, closed: [] },
  { id: "fridge", capacity: places.shelves, closed: [] },
  { id: "processor", capacity: 1, closed: [] },
  { id: "blender", capacity: 1, closed: [] },
];

function separationsOf({ ovens }: Draft): Separation[] {
  return ovens.flatMap((one, i) =>
    ovens.slice(i + 1).flatMap((other) => {
      if (one.celsius === null || other.celsius === null) return [];
      if (Math.abs(one.celsius - other.celsius) <= sameHeatCelsius) return [];
      const gaps = [changeOfHeatMin, changeOfHeatMin] as const;
      return [{ resource: "oven", tasks: [one.task, other.task] as const, gaps }];
    }),
  );
}

type LackingPlace = { readonly tool: string; readonly dish: string };

/** What cannot be done in this kitchen at all: a tray more than the oven takes, a grill where there is none. */
export function lackingPlace({ problem, infos }: Drafted): LackingPlace | undefined {
  for (const task of problem.tasks)
    for (const { resource, amount } of task.modes[0]?.uses ?? []) {
      const has = problem.resources.find((one) => one.id === resource);
      if (amount <= (has?.capacity ?? 0)) continue;
      const dish = infos.get(task.id)?.dish ?? "";
      return { tool: resource, dish };
    }
  return undefined;
}

/** A wish as a scheduling problem, forward in time; `tableAt` null leaves the hour of the table open. */
export function draftPlan(wish: PlanWish, tableAt: number | null, catalogue: Catalogue): Drafted {
  const draft = emptyDraft();
  const missing = wish.dishes.flatMap((dish) => addDish(draft, dish, { catalogue, places: wish.places }));
  const end = tableAt ?? longestPlanMin;
  const fixed = new Map(wish.fixed.map((one) => [one.task, one.start]));
  const tasks = draft.tasks.map((task) => {
    const start = fixed.get(task.id);
    const minutes = task.modes[0]?.minutes ?? 0;
    const window = start === undefined ? { from: 0, to: end } : { from: start, to: start + minutes };
    return withCrewHands({ ...task, window }, draft.infos.get(task.id), wish.crew);
  });
  const served = { from: tableAt ?? 0, to: end };
  return {
    problem: {
      tasks: [
        ...tasks,
        { id: table, modes: [{ id: "only", minutes: 0, uses: [] }], window: served, weight: 0 },
      ],
      lags: [
        ...draft.lags,
        // All of it is before the table, whatever else a dish says.
        ...tasks.map(({ id }) => ({
          from: { task: id, at: "end" as const },
          to: { task: table, at: "start" as const },
          least: 0,
          most: null,
        })),
      ],
      resources: resourcesOf(wish),
      separations: [...separationsOf(draft), ...orderByAllergens(draft, wish.dishes, catalogue)],
    },
    infos: draft.infos,
    missing,
  };
}

/** Two weeks: nothing is planned further ahead. */
export const longestPlanMin = 20_160;

/** Can all be on the table at the wish's hour? Undefined where the limits were reached before that was known. */
export function isPossible(wish: PlanWish, catalogue: Catalogue, limits: Limits): boolean | undefined {
  const { problem } = draftPlan(wish, wish.tableAt, catalogue);
  const { kind } = findSchedule(reverseTime(problem, wish.tableAt), limits);
  return kind === "gave-up" ? undefined : kind === "found";
}

/** The earliest minute at which all could be on the table; null where no hour is late enough, or none was found in time. */
export function earliestTable(wish: PlanWish, catalogue: Catalogue, limits: Limits): number | null {
  const { problem } = draftPlan(wish, null, catalogue);
  const least = leastEnd(problem);
  if (least === undefined) return null;
  const canBe = (tableAt: number): boolean => isPossible({ ...wish, tableAt }, catalogue, limits) === true;
  const found = firstPossible(least, canBe);
  const isOpen = wish.fixed.length === 0 && problem.resources.every(({ closed }) => closed.length === 0);
  // A plan that goes at one hour goes at any later one, too, unless hours are closed or something is fixed.
  return isOpen ? found : soonest(found, tableOf(solveSchedule(weightless(problem), limits)));
}

/** The first hour from `least` on that can be, where from that on all can: found in steps that double, then by halving. */
function firstPossible(least: number, canBe: (tableAt: number) => boolean): number | null {
  let [low, high] = [least, least];
  for (let step = 1; !canBe(high); step *= 2) {
    if (high >= longestPlanMin) return null;
    low = high + 1;
    high = Math.min(longestPlanMin, high + step);
  }
  while (low < high) {
    const middle = Math.floor((low + high) / 2);
    if (canBe(middle)) high = middle;
    else low = middle + 1;
  }
  return low;
}

const tableOf = (solved: Outcome): number | null =>
  solved.kind === "solved" ? (solved.schedule.get(table)?.start ?? null) : null;
const soonest = (one: number | null, other: number | null): number | null =>
  one === null || other === null ? (one ?? other) : Math.min(one, other);

/**
 * The plan that begins as late as it can, and of those the one that leaves least standing: exact where the limits allow,
 * else with what another could gain. Undefined of what is impossible; "gave-up" where the limits came first. None is
 * given that the check which walks it forward in time has anything against.
 */
export function solvePlan(
  problem: Problem,
  tableAt: number,
  limits: Limits,
): PlanSolved | "gave-up" | undefined {
  const solved = solveSchedule(reverseTime(problem, tableAt), limits);
  if (solved.kind === "gave-up") return "gave-up";
  if (solved.kind === "impossible") return undefined;
  const schedule = reverseSchedule(solved.schedule, problem, tableAt);
  const broken = verifySchedule(problem, schedule);
  invariant(broken.length === 0, `a plan that does not hold: ${JSON.stringify(broken)}`);
  return {
    schedule,
    startAt: tableAt - solved.span,
    latestStart: tableAt - solved.spanBound,
    isProven: solved.isProven,
  };
}
