import { formOfLot, isUntrimmed, urgency } from "@apron/core/basket";
import { daysBetween } from "@apron/core/measure";
import { reservedFromOthers, type MatchStock } from "@apron/core/match";
import { factsOf, freshnessOf } from "./present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";
import { reservedNow } from "./reserved.ts";
import { yieldsInForce, type YieldInForce } from "./yields-in-force.ts";

/** Stock that recipes can draw on, with its lot: grams as it lies, in its form. */
export type Surplus = MatchStock & {
  readonly lot: LotRecord;
  readonly daysLeft: number;
  /** What should be left of it once it is trimmed its usual way; its grams where it is ready. */
  readonly usableG: number;
};

/** Less is what a scale does not show, grams. */
const nothing = 0.5;

/** Everything on hand that a recipe can take, in whatever form it is. A by-product goes into lines that
 * ask for that part alone; lots over their day stay out, and what accepted plans have reserved for other dishes. */
export async function surplusOnHand(
  context: RequestContext,
  /** The recipe that is to be made, and lots that the cook chose for it whatever is reserved of them. */
  making: { readonly recipeId: string; readonly chosen: readonly string[] } | null = null,
): Promise<Surplus[]> {
  const onHand = await context.stores.lots.onHand();
  const { reservations } = await reservedNow(context, onHand);
  const others = reservedFromOthers(reservations, making?.recipeId ?? null);
  const reserved = new Map([...others].filter(([lotId]) => making?.chosen.includes(lotId) !== true));
  const lots = onHand
    .filter((lot) => lot.state !== "by-product" || lot.part !== null)
    .map((lot) => ({ ...lot, balanceG: lot.balanceG - (reserved.get(lot.id) ?? 0) }))
    .filter((lot) => lot.balanceG > nothing || !reserved.has(lot.id));
  const yieldOf = await yieldsInForce(context);
  const isRaw = (lot: LotRecord): boolean => isUntrimmed(lot, factsOf(context, lot.ingredient));
  const known = new Map<string, Record<string, number>>();
  const yieldsFor = (lot: LotRecord): Record<string, number> => {
    if (!isRaw(lot)) return {};
    const key = `${lot.ingredient} ${lot.grade}`;
    const yields = known.get(key) ?? yieldsOf(lot, yieldOf, context);
    known.set(key, yields);
    return yields;
  };
  // Of what is equally urgent, lots that are ready go before lots still to be trimmed.
  const readyFirst = [...lots].sort((a, b) => Number(isRaw(a)) - Number(isRaw(b)));
  return readyFirst.flatMap((lot) => {
    const { daysLeft, safeUntil } = freshnessOf(lot, context);
    if (daysLeft < 0) return [];
    const usual = isRaw(lot) ? yieldOf(lot.ingredient, null, lot.grade) : undefined;
    return [
      {
        ...{ lotId: lot.id, ingredient: lot.ingredient, lot, daysLeft, grams: lot.balanceG },
        ...{ form: formOfLot(lot), method: lot.method, yields: yieldsFor(lot) },
        ...{ part: lot.part, pieceG: lot.pieceG },
        safeDays: safeUntil === null ? null : daysBetween(context.today, safeUntil),
        usableG: usual === undefined ? lot.balanceG : Math.floor(lot.balanceG * usual),
        urgencyWeight: urgency(daysLeft),
      },
    ];
  });
}

/** What a raw lot should give by each way of trimming it. */
function yieldsOf(lot: LotRecord, yieldOf: YieldInForce, context: RequestContext): Record<string, number> {
  const methods = factsOf(context, lot.ingredient).trims.map((trim) => trim.method);
  return Object.fromEntries(
    methods.flatMap((method) => {
      const yielded = yieldOf(lot.ingredient, method, lot.grade);
      return yielded === undefined ? [] : [[method, yielded] as const];
    }),
  );
}
