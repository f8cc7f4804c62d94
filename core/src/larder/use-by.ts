import { keepingRule, provenance, type Catalogue, type Place } from "../catalogue/index.ts";
import { accept, addDays, refuse, showDays, type Day, type Result } from "../measure/index.ts";
import type { FormulaKeeping } from "../recipes/index.ts";
import type { DishHazard } from "./hazards.ts";

/** One clock that limits a batch. */
type UseByLimit = { readonly on: Day; readonly reason: string; readonly source: string };

/** The date for the label. `practice` stands beside it only where quality, not safety, sets the limit. */
export type UseBy = {
  readonly on: Day;
  readonly limit: "quality" | "safety";
  readonly reason: string;
  readonly source: string;
  readonly practice: { readonly from: Day; readonly to: Day } | null;
  readonly mustNever: string;
  readonly limits: readonly UseByLimit[];
};

export type UseByIssue = { readonly code: "not-kept-there"; readonly place: Place };

/** The last safe day of something that went in uncooked and carries its own clock. */
export type IngredientClock = { readonly name: string; readonly lastDay: Day };

/** Perishable food counts the day of making as day 1 of 7. FDA Food Code 2022 3-501.17, from memory. */
const perishableDaysAfterMaking = 6;
const foodCode = "FDA Food Code 2022 3-501.17, from memory";

type Made = {
  readonly madeOn: Day;
  readonly place: Place;
  readonly keeping: FormulaKeeping;
  readonly clocks: readonly IngredientClock[];
  readonly hazards: readonly DishHazard[];
};

/** Places a dish may be kept in. */
export const placesFor = (keeping: FormulaKeeping): ("fridge" | "freezer")[] =>
  (["fridge", "freezer"] as const).filter((place) => keeping[place] !== null);

/**
 * The earliest of: the cautious days of this kind of food in this place; for perishable food, making day + 6;
 * the last safe day of each uncooked ingredient; and what its components allow. The freezer stops these clocks.
 * Refuses a place the dish is not kept in (pesto at room temperature).
 */
export function useBy(made: Made, catalogue: Catalogue): Result<UseBy, UseByIssue> {
  const subject = made.place === "fridge" || made.place === "freezer" ? made.keeping[made.place] : null;
  const rule = subject === null ? undefined : keepingRule(catalogue, subject, made.place);
  if (!rule) return refuse({ code: "not-kept-there", place: made.place });
  const own: UseByLimit = {
    on: addDays(made.madeOn, rule.cautiousDays),
    reason: `${rule.name}: ${rule.cautiousDays === 0 ? "the day it is made" : showDays(rule.cautiousDays)}`,
    source: provenance(rule),
  };
  const cold = made.place === "fridge";
  const limits = [
    own,
    ...(cold ? ceilingOf(made, rule.limit) : []),
    ...(cold ? made.clocks.map(clockLimit) : []),
    ...(cold ? made.hazards.map((hazard) => hazardLimit(made.madeOn, hazard)) : []),
  ];
  // Of two limits on one day the ingredient's binds: then no later date is shown beside it.
  const binding = limits.reduce((first, next) => (next.on <= first.on ? next : first));
  const safety = rule.limit === "safety" || binding !== own;
  const showPractice = !safety && rule.showPractice;
  return accept({
    ...binding,
    limit: safety ? "safety" : "quality",
    practice: showPractice
      ? { from: addDays(made.madeOn, rule.practiceLow), to: addDays(made.madeOn, rule.practiceHigh) }
      : null,
    mustNever: rule.mustNever,
    limits,
  });
}

/** The date of a dish with one more thing in it: never later than without (undefined where it has none), nor than that is safe. */
export const useByWith = (safeUntil: Day, without: Day | undefined): Day =>
  without !== undefined && without < safeUntil ? without : safeUntil;

/** May a label that is stuck on get this date? Only an earlier one: nobody was promised less than it says. */
export const mayRelabel = (labelled: Day, workedOut: Day): boolean => workedOut < labelled;

const ceilingOf = (made: Made, limit: "quality" | "safety"): UseByLimit[] =>
  limit === "safety"
    ? [
        {
          on: addDays(made.madeOn, perishableDaysAfterMaking),
          reason: "perishable food: seven days counting the day it was made",
          source: foodCode,
        },
      ]
    : [];

const hazardLimit = (madeOn: Day, { days, name, source }: DishHazard): UseByLimit => ({
  on: addDays(madeOn, days),
  reason: `${name}: ${days === 0 ? "the day it is made" : showDays(days)}`,
  source,
});

const clockLimit = (clock: IngredientClock): UseByLimit => ({
  on: clock.lastDay,
  reason: `${clock.name} in it was already cut or opened: its own last day`,
  source: "the ingredient's own clock",
});
