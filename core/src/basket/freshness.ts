import { provenance, type Catalogue, type IngredientFacts } from "../catalogue/index.ts";
import { addDays, daysBetween, earliest, showDays, type Day } from "../measure/index.ts";
import { experiencedDays, type KeepingExperience } from "./keeping-experience.ts";
import { preparedRule } from "./keeping-clock.ts";
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
const cutVegetableDays = 3;
const dryStoreDays = 365;
/** Cut leaves, cut tomato and cooked food out of the cold: two hours, so the day it was cut. */
const warmSafetyDays = 0;
const frozenWholeDays = 180;
/** Thawed produce is soft and wet: today, tomorrow or the day after. */
const thawedDays = 2;
/** A damp cloth made fresh gives wilting produce this much more, twice at most. Quality only. */
const clothDays = 2;
const mostRefreshes = 2;

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

/** How long a lot keeps where it stands now, had it stood there from the start. */
function clockOf(
  lot: AgeingLot,
  facts: IngredientFacts,
  at: { readonly catalogue: Catalogue; readonly experience?: KeepingExperience },
): Clock {
  const clock =
    lot.state === "raw" ? wholeClock(lot, facts, at.experience) : preparedClock(lot, facts, at.catalogue);
  return lot.moved?.thawed && lot.place !== "freezer" && clock.days > thawedDays
    ? { days: thawedDays, limit: clock.limit, reason: `thawed, ${showDays(thawedDays)}`, source: practice }
    : clock;
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

function wholeClock(lot: AgeingLot, facts: IngredientFacts, experience?: KeepingExperience): Clock {
  if (lot.place === "freezer")
    return { days: frozenWholeDays, limit: "quality", reason: "frozen whole, six months", source: practice };
  const season = facts.season;
  if (!season) return dryOrCut(facts);
  const best = season.bestPlace === lot.place || season.bestPlace !== "fridge";
  const byTable = Math.max(1, Math.floor(season.daysWhole * (best ? 1 : warmFactor)));
  const own = experience && experiencedDays(experience, facts.id, lot.place);
  const cloth = clothDays * Math.min(mostRefreshes, lot.clothRefreshes);
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

function preparedClock(lot: AgeingLot, facts: IngredientFacts, catalogue: Catalogue): Clock {
  const rule = preparedRule(lot, facts, catalogue);
  if (!rule) return dryOrCut(facts);
  const warm = rule.limit === "safety" && (lot.place === "room" || lot.place === "cupboard");
  return {
    days: warm ? warmSafetyDays : rule.cautiousDays,
    limit: rule.limit,
    reason: warm ? `${rule.name}: two hours out of the cold` : `${rule.name}: ${showDays(rule.cautiousDays)}`,
    source: provenance(rule),
  };
}

const dryCategories = ["salt-condiment", "spice", "grain", "sweet", "emulsifier", "legume", "oil", "acid"];

const dryOrCut = (facts: IngredientFacts): Clock =>
  dryCategories.includes(facts.category)
    ? { days: dryStoreDays, limit: "quality", reason: "keeps a year dry and dark", source: practice }
    : {
        days: cutVegetableDays,
        limit: "quality",
        reason: `cut, ${showDays(cutVegetableDays)}`,
        source: practice,
      };
