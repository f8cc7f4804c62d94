import { keepingRule, type Catalogue } from "../catalogue/index.ts";
import { daysBetween, type Day } from "../measure/index.ts";

/** The one thawing rule in the tables is pesto's; other dishes take it too, as the cautious reading. */
const thawSubject = "pesto-thawed";

/**
 * Days in the fridge after thawing: the thawing rule, but never more than were left when it was frozen.
 * Freezing stops the clock, it does not reset it. Whole days ≥ 0, rounded down.
 */
export function daysAfterThawing(frozenOn: Day, fridgeUseBy: Day, catalogue: Catalogue): number {
  const rule = keepingRule(catalogue, thawSubject, "fridge")?.cautiousDays ?? 0;
  return Math.max(0, Math.floor(Math.min(rule, daysBetween(frozenOn, fridgeUseBy))));
}
