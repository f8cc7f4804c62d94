import {
  fillFromLots,
  topUpLine,
  type Demand,
  type FormFilling,
  type LotOffers,
  type LotOnHand,
  type TopUp,
} from "../recipes/index.ts";

/** One recipe at one number of batches: what comes from where and what that is worth. */
export type Evaluation = {
  readonly batches: number;
  readonly fillings: readonly FormFilling[];
  readonly topUps: readonly TopUp[];
  readonly rescuedG: number;
  /** Urgency-weighted grams rescued less what buying costs, in the same unit. */
  readonly score: number;
};

/**
 * A gram bought weighs a quarter of a gram rescued on its last day; more of what a line already has from the
 * glut weighs two grams, since nobody buys what they are trying to use up. A judgement, no source.
 */
export const buyingPenalty = { missing: 0.25, moreOfTheSame: 2 } as const;

/** Fills every line from stock, then staples, then the shop, and scores the result. */
export function evaluate(
  batches: number,
  demands: readonly Demand[],
  from: {
    readonly stock: readonly LotOnHand[];
    readonly offers?: LotOffers;
    readonly isStaple: (ingredient: string) => boolean;
  },
): Evaluation {
  const fillings = fillFromLots(demands, from.stock, from.offers);
  const topUps = demands.flatMap((demand) => topUpLine(demand, fillings, from.isStaple));
  const urgencyWeight = new Map(from.stock.map((s) => [s.lotId, s.urgencyWeight]));
  const gained = fillings.reduce((total, f) => total + f.grams * (urgencyWeight.get(f.lotId) ?? 0), 0);
  const spent = topUps.filter((t) => t.from === "buy").reduce((total, t) => total + costOf(t, fillings), 0);
  const rescuedG = fillings.reduce((total, f) => total + f.grams, 0);
  return { batches, fillings, topUps, rescuedG, score: gained - spent };
}

const costOf = (bought: TopUp, fillings: readonly FormFilling[]): number =>
  bought.grams *
  (fillings.some((f) => f.lineId === bought.lineId) ? buyingPenalty.moreOfTheSame : buyingPenalty.missing);
