import { estimate, product, showEstimate, showYield, times, type Estimate } from "../measure/index.ts";

/** One way to buy an ingredient: what one unit of it weighs and costs, and what trimming leaves of it. */
export type Buy = {
  readonly label: string;
  /** Grams of one unit: a kilogram, a bunch, a head. */
  readonly unitG: Estimate;
  /** Does it only come in whole units (bunches, heads, packs)? */
  readonly whole: boolean;
  /** Minor units of money for one unit. */
  readonly priceMinor: number;
  readonly yield: Estimate;
};

export type ComparedBuy = {
  readonly label: string;
  readonly usablePerUnit: Estimate;
  /** Minor units for 100 usable grams. */
  readonly per100g: Estimate;
  /** Units that are likely enough, and units that are enough even if they are light and waste much. */
  readonly likelyUnits: number;
  readonly safeUnits: number;
  readonly safePriceMinor: number;
  readonly workings: string;
};

export type Comparison = {
  /** Cheapest by the usable gram first. */
  readonly buys: readonly ComparedBuy[];
  /** Is the first cheaper than the second even when the ranges speak against it? */
  readonly clear: boolean;
};

const unitsFor = (wantedG: number, perUnit: number, whole: boolean): number => {
  const exact = wantedG / perUnit;
  return whole ? Math.ceil(exact - 1e-9) : Math.ceil(exact * 20 - 1e-9) / 20;
};

/** Whole bunches and heads are rounded up; loose goods to a twentieth of the unit (50 g of a kilogram). */
function compareOne(buy: Buy, usableG: number): ComparedBuy {
  const usablePerUnit = product(buy.unitG, buy.yield);
  const per = (grams: number): number => (buy.priceMinor / grams) * 100;
  const per100g = estimate(per(usablePerUnit.value), per(usablePerUnit.high), per(usablePerUnit.low));
  const safeUnits = unitsFor(usableG, usablePerUnit.low, buy.whole);
  return {
    label: buy.label,
    usablePerUnit,
    per100g,
    likelyUnits: unitsFor(usableG, usablePerUnit.value, buy.whole),
    safeUnits,
    safePriceMinor: Math.round(safeUnits * buy.priceMinor),
    workings: `${showEstimate(buy.unitG)} × ${showYield(buy.yield.value)} = ${showEstimate(usablePerUnit)} usable a unit`,
  };
}

/**
 * Sets candidates side by side by what 100 usable grams cost (prime or seconds, bunch or loose, market or shop) and
 * how many units give `usableG` (> 0). "Clear" only when the ranges of the two cheapest do not meet.
 */
export function compareBuys(usableG: number, candidates: readonly Buy[]): Comparison {
  const buys = candidates
    .map((buy) => compareOne(buy, usableG))
    .sort((a, b) => a.per100g.value - b.per100g.value || a.safePriceMinor - b.safePriceMinor);
  const [first, second] = buys;
  return {
    buys,
    clear: first !== undefined && (second === undefined || first.per100g.high < second.per100g.low),
  };
}

/** Whole units so that `usableG` remains: likely, and safe at the low end of both the unit and the yield. */
export function wholeUnits(
  usableG: number,
  unitG: Estimate,
  y: Estimate,
): { readonly likely: number; readonly safe: number } {
  const each = product(unitG, y);
  return { likely: unitsFor(usableG, each.value, true), safe: unitsFor(usableG, each.low, true) };
}

/** What `rawG` grams of a lot should leave: the planner the other way round. */
export const usableFrom = (rawG: number, y: Estimate): Estimate => times(y, rawG);
