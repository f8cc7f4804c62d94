import { provenance, type Catalogue, type IngredientFacts } from "../catalogue/index.ts";
import { classLimit, isByStorageTable, publishedRule } from "../keeping/index.ts";
import { addDays, daysBetween, earliest, invariant, showDays, type Day } from "../measure/index.ts";
import { clothDaysOf } from "./damp-cloth.ts";
import { experiencedDays, type KeepingExperience } from "./keeping-experience.ts";
import { formOfLot, isSealed, keptOf, type KeptLot } from "./lot-form.ts";
import type { AgeingLot, MovedClock } from "./lot.ts";

/** When a lot should be gone, why, and who says so. `daysLeft` is negative once the day has passed. */
export type Freshness = {
  readonly spoilsOn: Day;
  readonly daysLeft: number;
  readonly limit: "quality" | "safety";
  /** The last safe day of what is cut, cooked or opened; null where only quality is at stake. */
  readonly safeUntil: Day | null;
  readonly reason: string;
  readonly source: string;
};

type Clock = Omit<Freshness, "daysLeft" | "spoilsOn" | "safeUntil"> & { readonly days: number };

const practice = "common practice, no source";
/** Whole produce kept warm that wants the fridge lasts about two fifths as long. */
const warmFactor = 0.4;
/** Cut leaves, cut tomato and cooked food out of the cold: two hours, so the day it was cut. */
const warmSafetyDays = 0;
const frozenWholeDays = 180;
/** Thawed produce is soft and wet: today, tomorrow or the day after. */
const thawedDays = 2;

/**
 * The last good day of a lot, from its own clock: whole produce by the storage tables, cut and opened food by
 * the cautious limit; a sealed pack by its label. Days are rounded down.
 */
export function freshness(
  lot: AgeingLot,
  facts: IngredientFacts,
  at: { readonly today: Day; readonly catalogue: Catalogue; readonly experience?: KeepingExperience },
): Freshness {
  const clock = clockOf(lot, facts, at);
  const byClock = endOf(lot, clock);
  const spoilsOn = lot.bestBefore === null ? byClock : byLabelOf(lot, lot.bestBefore, byClock);
  const bound = spoilsOn === byClock ? clock : earlierBound(lot);
  return {
    spoilsOn,
    daysLeft: daysBetween(at.today, spoilsOn),
    limit: bound.limit,
    safeUntil: clock.limit === "safety" ? byClock : null,
    reason: bound.reason,
    source: bound.source,
  };
}

/** How long a lot keeps where it stands now, had it stood there from the start: the shortest that any source says. */
function clockOf(
  lot: AgeingLot,
  facts: IngredientFacts,
  at: { readonly catalogue: Catalogue; readonly experience?: KeepingExperience },
): Clock {
  const clock = shortestOf([
    lot.state === "raw" || (formOfLot(lot) === "whole" && lot.place !== "freezer")
      ? wholeClock(lot, facts, at.experience)
      : undefined,
    lot.state === "raw" ? undefined : preparedClock(lot, facts, at.catalogue),
    limitClock(lot, facts),
  ]);
  return lot.moved?.thawed && lot.place !== "freezer" && clock.days > thawedDays
    ? { days: thawedDays, limit: clock.limit, reason: `thawed, ${showDays(thawedDays)}`, source: practice }
    : clock;
}

/** The clock that binds. Of two on one day the safety one does, so that no later date stands beside it. */
function shortestOf(clocks: readonly (Clock | undefined)[]): Clock {
  const [shortest] = clocks
    .filter((clock) => clock !== undefined)
    .sort((a, b) => a.days - b.days || Number(b.limit === "safety") - Number(a.limit === "safety"));
  invariant(shortest !== undefined, "food without any clock");
  return shortest;
}

const isWarm = ({ place }: Pick<AgeingLot, "place">): boolean => place === "room" || place === "cupboard";

/** Is a lot where it stands out of the cold, and not safe there for longer than two hours? */
export function spoilsOutOfTheCold(lot: KeptLot, facts: IngredientFacts): boolean {
  if (!isWarm(lot)) return false;
  const kept = keptOf(lot, facts);
  const rule = classLimit(kept);
  // A bag of cut leaves is perishable as it is sold.
  const isPerishable = kept.form === "whole" && kept.pack === "opened" && facts.tcsWhen.includes("raw");
  return isPerishable || (rule.limit === "safety" && rule.days === 0);
}

/** The most that a lot's class of food keeps in its form; whole produce goes by the storage table where that speaks. */
function limitClock(lot: AgeingLot, facts: IngredientFacts): Clock | undefined {
  const kept = keptOf(lot, facts);
  const rule = classLimit(kept);
  const warm = spoilsOutOfTheCold(lot, facts);
  if (!warm && rule.limit === "quality" && facts.season && isByStorageTable(kept) && lot.place !== "freezer")
    return undefined;
  const cloth = rule.limit === "quality" ? clothDaysOf(lot, facts) : 0;
  const name = warm ? classLimit({ ...kept, place: "fridge" }).name : rule.name;
  return {
    days: warm ? warmSafetyDays : rule.days + cloth,
    limit: warm ? "safety" : rule.limit,
    reason: `${name}: ${warm ? "two hours out of the cold" : showDays(rule.days + cloth)}`,
    source: provenance(rule),
  };
}

/** A moved lot runs on from the day it was moved with the share of its life that was left. */
const endOf = (lot: AgeingLot, clock: Clock): Day =>
  lot.moved ? addDays(lot.moved.from, clock.days * (1 - lot.moved.used)) : addDays(lot.since, clock.days);

/**
 * Where the clock stands when a lot is moved today: the share of its life used up in the old place is carried to
 * the new one, and is never given back. The freezer uses up nothing; out of it, what is thawed says so.
 */
export function moveClock(
  lot: AgeingLot,
  facts: IngredientFacts,
  at: { readonly today: Day; readonly catalogue: Catalogue; readonly experience?: KeepingExperience },
): MovedClock {
  const before = lot.moved?.used ?? 0;
  if (lot.place === "freezer") return { from: at.today, used: before, thawed: true };
  const clock = clockOf(lot, facts, at);
  const days = daysBetween(lot.moved?.from ?? lot.since, at.today);
  const share = clock.days > 0 ? days / clock.days : 1;
  return { from: at.today, used: Math.min(1, before + share), thawed: lot.moved?.thawed ?? false };
}

/** What binds when the lot's `bestBefore` does: the label, or the clock it had before it was trimmed. */
const earlierBound = (lot: AgeingLot): Pick<Freshness, "limit" | "reason" | "source"> =>
  lot.method === null
    ? { limit: "quality", reason: "the date on its label, or of what it came from", source: "label" }
    : {
        limit: "quality",
        reason: "no longer than it would have kept whole",
        source: "its clock before it was trimmed",
      };

/**
 * The last day a lot cut from another may claim: trimming never makes it keep longer than it would have whole,
 * and what is trimmed on or past its day is for today.
 */
export const lastDayOnceTrimmed = (wholeSpoilsOn: Day, today: Day): Day =>
  wholeSpoilsOn > today ? wholeSpoilsOn : today;

/** A sealed pack goes by its label until it is opened; anything else by whichever comes first. */
const byLabelOf = (lot: AgeingLot, bestBefore: Day, byClock: Day): Day =>
  lot.state === "usable" && lot.method === null ? bestBefore : (earliest([byClock, bestBefore]) ?? byClock);

function wholeClock(
  lot: AgeingLot,
  facts: IngredientFacts,
  experience?: KeepingExperience,
): Clock | undefined {
  if (lot.place === "freezer")
    return { days: frozenWholeDays, limit: "quality", reason: "frozen whole, six months", source: practice };
  const season = facts.season;
  if (!season) return undefined;
  const best = season.bestPlace === lot.place || season.bestPlace !== "fridge";
  const byTable = Math.max(1, Math.floor(season.daysWhole * (best ? 1 : warmFactor)));
  const own = experience && experiencedDays(experience, facts.id, lot.place);
  const cloth = clothDaysOf(lot, facts);
  if (own !== undefined && own < byTable) {
    const days = Math.min(byTable, own + cloth);
    const reason = `whole, went off here after ${own} of ${showDays(byTable)}`;
    return { days, limit: "quality", reason, source: "this kitchen's own lots" };
  }
  const reason = best
    ? `whole, ${showDays(byTable)} in the ${lot.place}`
    : `whole but out of the fridge: ${byTable} of ${showDays(season.daysWhole)}`;
  const clothRefreshes = cloth > 0 ? `, ${cloth} more in a fresh damp cloth` : "";
  return {
    days: byTable + cloth,
    limit: "quality",
    reason: reason + clothRefreshes,
    source: provenance(season),
  };
}

function preparedClock(lot: AgeingLot, facts: IngredientFacts, catalogue: Catalogue): Clock | undefined {
  const rule = isSealed(lot, facts) ? undefined : publishedRule(keptOf(lot, facts), catalogue);
  if (!rule) return undefined;
  const warm = rule.limit === "safety" && isWarm(lot);
  return {
    days: warm ? warmSafetyDays : rule.cautiousDays,
    limit: rule.limit,
    reason: warm ? `${rule.name}: two hours out of the cold` : `${rule.name}: ${showDays(rule.cautiousDays)}`,
    source: provenance(rule),
  };
}
