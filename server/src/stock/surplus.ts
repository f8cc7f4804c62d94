import { urgency } from "@apron/core/basket";
import type { TrimYield } from "@apron/core/catalogue";
import { daysBetween } from "@apron/core/measure";
import { expectedTrim, type KitchenYield } from "@apron/core/trim";
import type { MatchStock } from "@apron/core/match";
import { factsOf, freshnessOf } from "./present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";
import type { LearnedWeighing } from "../context/ports/trim.store.ts";
import { defaultYieldKind, yieldOf } from "./yields-in-force.ts";

/** Stock that recipes can draw on, with its lot. Raw lots count at what their yield should leave. */
export type Surplus = MatchStock & {
  readonly lot: LotRecord;
  readonly daysLeft: number;
  readonly toTrim: boolean;
};

/** Everything usable on hand, and what raw lots should give once trimmed. By-products and lots over their day stay out. */
export async function surplusOnHand(context: RequestContext): Promise<Surplus[]> {
  const lots = (await context.stores.lots.onHand()).filter((lot) => lot.state !== "by-product");
  const usableOf = expectedUsable(context, await context.stores.trims.learned("all"));
  // Of what is equally urgent, lots that are ready go before lots still to be trimmed.
  const readyFirst = [...lots].sort((a, b) => Number(a.state === "raw") - Number(b.state === "raw"));
  return readyFirst.flatMap((lot) => {
    const { daysLeft, safeUntil } = freshnessOf(lot, context);
    if (daysLeft < 0) return [];
    const safeDays = safeUntil === null ? null : daysBetween(context.today, safeUntil);
    const about = { lotId: lot.id, ingredient: lot.ingredient, lot, daysLeft, safeDays };
    return [
      { ...about, grams: usableOf(lot), urgencyWeight: urgency(daysLeft), toTrim: lot.state === "raw" },
    ];
  });
}

/** Usable grams of a lot, whole grams rounded down while it is raw. The yield of a kind is worked out once. */
function expectedUsable(
  context: RequestContext,
  learned: readonly LearnedWeighing[],
): (lot: LotRecord) => number {
  const known = new Map<string, KitchenYield>();
  const yieldFor = (usual: TrimYield, grade: LotRecord["grade"]): KitchenYield => {
    const key = `${usual.ingredient} ${grade}`;
    const y = known.get(key) ?? yieldOf(usual, defaultYieldKind(usual.method, grade), learned);
    known.set(key, y);
    return y;
  };
  return (lot) => {
    const usual = factsOf(context, lot.ingredient).trims[0];
    if (lot.state !== "raw" || !usual) return lot.balanceG;
    return Math.floor(expectedTrim(lot.balanceG, yieldFor(usual, lot.grade)).usable.value);
  };
}
