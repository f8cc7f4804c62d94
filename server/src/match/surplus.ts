import { urgency } from "@apron/core/basket";
import { expectedTrim } from "@apron/core/trim";
import type { MatchStock } from "@apron/core/match";
import { factsOf, freshnessOf } from "../basket/present-lot.ts";
import type { LotRecord } from "../basket/store.ts";
import type { Kit } from "../kit.ts";
import { yieldOf } from "../trim/trim-options.ts";

/** Stock that recipes can draw on, with its lot. Raw lots count at what their yield should leave. */
export type Surplus = MatchStock & {
  readonly lot: LotRecord;
  readonly daysLeft: number;
  readonly toTrim: boolean;
};

/** Everything usable on hand, and what raw lots should give once trimmed. By-products and lots over their day stay out. */
export async function surplusOnHand(kit: Kit): Promise<Surplus[]> {
  const lots = (await kit.stores.lots.onHand()).filter((lot) => lot.state !== "by-product");
  const learned = await kit.stores.trims.learned("all");
  return lots.flatMap((lot) => {
    const { daysLeft, limit } = freshnessOf(lot, kit);
    if (daysLeft < 0) return [];
    const toTrim = lot.state === "raw";
    const usual = factsOf(kit, lot.ingredient).trims[0];
    const grams =
      toTrim && usual
        ? Math.floor(expectedTrim(lot.balanceG, yieldOf(usual, lot.grade, learned)).usable.value)
        : lot.balanceG;
    return [
      {
        lotId: lot.id,
        ingredient: lot.ingredient,
        grams,
        worth: urgency(daysLeft),
        safeDays: limit === "safety" ? daysLeft : null,
        lot,
        daysLeft,
        toTrim,
      },
    ];
  });
}
