import type { Demand, Filling } from "./fill-lines.ts";
import { isStrong } from "./slots.ts";

/** What stock does not cover: from the staples on the shelf, or to be bought. */
export type TopUp = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly from: "staple" | "buy";
};

/** Less than this is a crumb, not a shopping line. */
const crumbG = 0.05;

/**
 * Fills what is left of one line from staples first, then by buying, each filler within its own cap and the
 * strong-herb cap. Returns nothing when the line is already full.
 */
export function topUpLine(
  demand: Demand,
  fillings: readonly Filling[],
  isStaple: (ingredient: string) => boolean,
): TopUp[] {
  const mine = fillings.filter((f) => f.lineId === demand.lineId);
  const used = (ingredient: string): number =>
    mine.filter((f) => f.ingredient === ingredient).reduce((g, f) => g + f.grams, 0);
  const strongUsed = demand.fillers
    .filter((f) => isStrong(f.facts))
    .reduce((g, f) => g + used(f.ingredient), 0);
  let left = demand.grams - mine.reduce((g, f) => g + f.grams, 0);
  let strongLeft = demand.grams * demand.strongShare - strongUsed;
  const staplesFirst = [...demand.fillers].sort(
    (a, b) => Number(isStaple(b.ingredient)) - Number(isStaple(a.ingredient)),
  );
  const topUps: TopUp[] = [];
  for (const filler of staplesFirst) {
    const own = demand.grams * filler.maxShare - used(filler.ingredient);
    const grams = Math.min(left, own, isStrong(filler.facts) ? strongLeft : Infinity);
    if (grams <= crumbG) continue;
    left -= grams;
    if (isStrong(filler.facts)) strongLeft -= grams;
    const from = isStaple(filler.ingredient) ? "staple" : "buy";
    topUps.push({ lineId: demand.lineId, ingredient: filler.ingredient, grams, from });
  }
  return topUps;
}
