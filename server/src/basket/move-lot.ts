import { moveClock } from "@apron/core/basket";
import { accept } from "@apron/core/measure";
import { conflict, notFound, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { LotChange, LotRecord } from "../context/ports/lot.store.ts";

/** Writes a change of a lot down, with the day it is to be used by now. */
async function changeTo(lot: LotRecord, change: LotChange, kit: Kit): Promise<LotRecord> {
  const after = { ...lot, ...change };
  const { spoilsOn } = freshnessOf(after, kit);
  await kit.stores.lots.change(lot.id, { ...change, spoilsOn });
  return { ...after, spoilsOn };
}

async function lotOnHand(id: string, kit: Kit): Promise<Answer<LotRecord>> {
  const lot = await kit.stores.lots.get(id);
  if (!lot) return notFound("lot-unknown");
  return lot.balanceG > 0 ? accept(lot) : conflict("lot-empty");
}

/** Moves a lot; the share of its life used up goes with it. */
export const moveLot: UseCase<"moveLot"> = async ({ params, body }, kit) => {
  const lot = await lotOnHand(params.id, kit);
  if (!lot.ok) return lot;
  if (lot.value.place === body.place) return conflict("already-in-place");
  const moved = moveClock(lot.value, factsOf(kit, lot.value.ingredient), kit);
  return accept(presentLot(await changeTo(lot.value, { place: body.place, moved }, kit), kit));
};

/** A fresh damp cloth around a lot that keeps in one. */
export const refreshLot: UseCase<"refreshLot"> = async ({ params }, kit) => {
  const lot = await lotOnHand(params.id, kit);
  if (!lot.ok) return lot;
  const refreshed = lot.value.refreshed + 1;
  return accept(presentLot(await changeTo(lot.value, { refreshed }, kit), kit));
};

/** What the pack says of itself; a best-before on it counts at once. */
export const labelLot: UseCase<"labelLot"> = async ({ params, body }, kit) => {
  const lot = await lotOnHand(params.id, kit);
  if (!lot.ok) return lot;
  const bestBefore = body.bestBefore ?? lot.value.bestBefore;
  return accept(presentLot(await changeTo(lot.value, { label: body.label, bestBefore }, kit), kit));
};
