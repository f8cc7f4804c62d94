import { moveClock } from "@apron/core/basket";
import { accept } from "@apron/core/measure";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { LotChange, LotRecord } from "../context/ports/lot.store.ts";

/** Writes a change of a lot down, with the day it is to be used by now. */
async function changeTo(lot: LotRecord, change: LotChange, context: RequestContext): Promise<LotRecord> {
  const after = { ...lot, ...change };
  const { spoilsOn } = freshnessOf(after, context);
  await context.stores.lots.change(lot.id, { ...change, spoilsOn });
  return { ...after, spoilsOn };
}

async function lotOnHand(id: string, context: RequestContext): Promise<Answer<LotRecord>> {
  const lot = await context.stores.lots.get(id);
  if (!lot) return notFound("lot-unknown");
  return lot.balanceG > 0 ? accept(lot) : conflict("lot-empty");
}

/** Moves a lot; the share of its life used up goes with it. */
export const moveLot: UseCase<"moveLot"> = async ({ params, body }, context) => {
  const lot = await lotOnHand(params.id, context);
  if (!lot.ok) return lot;
  if (lot.value.place === body.place) return conflict("already-in-place");
  const moved = moveClock(lot.value, factsOf(context, lot.value.ingredient), context);
  return accept(presentLot(await changeTo(lot.value, { place: body.place, moved }, context), context));
};

/** A fresh damp cloth around a lot that keeps in one. */
export const refreshLot: UseCase<"refreshLot"> = async ({ params }, context) => {
  const lot = await lotOnHand(params.id, context);
  if (!lot.ok) return lot;
  const clothRefreshes = lot.value.clothRefreshes + 1;
  return accept(presentLot(await changeTo(lot.value, { clothRefreshes }, context), context));
};

/** What the pack says of itself; a best-before on it counts at once. */
export const labelLot: UseCase<"labelLot"> = async ({ params, body }, context) => {
  const lot = await lotOnHand(params.id, context);
  if (!lot.ok) return lot;
  const bestBefore = body.bestBefore ?? lot.value.bestBefore;
  return accept(presentLot(await changeTo(lot.value, { label: body.label, bestBefore }, context), context));
};
