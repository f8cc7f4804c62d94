import { demandsOf, timesDemands } from "../match/index.ts";
import {
  fillFromLots,
  offersFor,
  topUpLine,
  type Demand,
  type Formula,
  type LotOffers,
  type LotOnHand,
} from "../recipes/index.ts";
import type { MakeKitchen, MakePlan } from "./plan-make.ts";

/** The line that runs out first, and how many batches what is on hand allows. */
export type Limiting = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly batches: number;
  readonly shortG: number;
};

type From = { readonly stock: readonly LotOnHand[]; readonly kitchen: MakeKitchen };
type Short = {
  readonly lineId: string;
  readonly ingredient: string;
  readonly grams: number;
  readonly share: number;
};

/** What would have to be bought for lines that must be there, the shortest by share of its line first. */
function shortOf(
  demands: readonly Demand[],
  { stock, kitchen, offers }: From & { readonly offers: LotOffers },
): Short[] {
  const fillings = fillFromLots(demands, stock, offers);
  return demands
    .filter((demand) => !demand.optional)
    .flatMap((demand) =>
      topUpLine(demand, fillings, (id) => kitchen.staples.has(id))
        .filter((topUp) => topUp.from === "buy")
        .map((topUp) => ({ ...topUp, share: topUp.grams / demand.grams })),
    )
    .sort((a, b) => b.share - a.share);
}

/** Closer than a hundredth of a batch nobody measures. */
const nearEnough = 0.005;

/**
 * What runs out first when nothing is bought, and at how many batches: searched for, since a line under caps, or two
 * lines that share a lot, run out earlier than in a straight line. Null when everything is on hand. Optional lines limit
 * nothing. Within a hundredth of a batch.
 */
export function limitingLine(formula: Formula, plan: MakePlan, from: From): Limiting | null {
  const one = demandsOf(formula, 1, from.kitchen);
  const offers = offersFor(one, from.stock);
  const shortAt = (batches: number): Short[] => shortOf(timesDemands(one, batches), { ...from, offers });
  const atPlan = shortAt(plan.batches);
  if (atPlan.length === 0) return null;
  let [enough, tooMany, first] = [0, plan.batches, atPlan[0]];
  while (tooMany - enough > nearEnough) {
    const middle = (enough + tooMany) / 2;
    const short = shortAt(middle);
    if (short.length === 0) enough = middle;
    else [tooMany, first] = [middle, short[0]];
  }
  const wanted = first && (atPlan.find((short) => short.lineId === first.lineId) ?? atPlan[0]);
  if (!wanted) return null;
  const { lineId, ingredient, grams } = wanted;
  return { lineId, ingredient, batches: enough < nearEnough ? 0 : enough, shortG: grams };
}
