import { pouredOut } from "@apron/core/basket";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith } from "../http/refusal.ts";
import type { Kit, UseCase } from "../kit.ts";
import { entryOf } from "./entry-of.ts";
import { seenGoingOff } from "./keeping.ts";
import { someOf } from "./part-lot.ts";
import { presentLot } from "./present-lot.ts";
import type { LotRecord } from "./store.ts";

const changed = (lot: LotRecord, changedG: number, kit: Kit) =>
  accept({ lot: presentLot({ ...lot, balanceG: toMilligram(lot.balanceG + changedG) }, kit), changedG });

/** Records all that is left of a lot as spoiled. */
export const goneOff: UseCase<"goneOff"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.balanceG <= 0) return conflict("lot-empty");
  const movement = { kind: "spoiled", grams: lot.balanceG, reason: body.reason } as const;
  await kit.stores.lots.append([entryOf(kit, lot.id, movement)]);
  await seenGoingOff(lot, kit);
  return changed(lot, -lot.balanceG, kit);
};

/** Uses, gives away, composts or throws out some of a lot, or all that is left. */
export const takeFromLot: UseCase<"takeFromLot"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const grams = someOf(lot, body.grams);
  if (!grams.ok) return grams;
  await kit.stores.lots.append([
    entryOf(kit, lot.id, { kind: body.fate, grams: grams.value, reason: body.reason }),
  ]);
  if (body.fate === "spoiled") await seenGoingOff(lot, kit);
  return changed(lot, -grams.value, kit);
};

/** Records what was poured from a bottle, jar or bowl that was weighed before and after. */
export const weighBack: UseCase<"weighBack"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const poured = pouredOut(body.beforeG, body.afterG);
  if (!poured.ok) return refuseWith(poured.issue, "afterG");
  const grams = someOf(lot, poured.value);
  if (!grams.ok) return grams;
  const reason = [`weighed back ${body.beforeG} − ${body.afterG} g`, body.reason].filter(Boolean).join(": ");
  await kit.stores.lots.append([entryOf(kit, lot.id, { kind: "used", grams: grams.value, reason })]);
  return changed(lot, -grams.value, kit);
};

/** Adds or takes off grams with a reason; never below nothing. */
export const correctLot: UseCase<"correctLot"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (body.deltaG === 0) return refuse({ status: 422, code: "amount-not-positive", field: "deltaG" });
  if (lot.balanceG + body.deltaG < 0)
    return refuse({
      status: 422,
      code: "more-than-on-hand",
      field: "deltaG",
      measurements: { askedG: -body.deltaG, onHandG: lot.balanceG },
    });
  const movement = { kind: "corrected", grams: body.deltaG, reason: body.reason } as const;
  await kit.stores.lots.append([entryOf(kit, lot.id, movement)]);
  return changed(lot, body.deltaG, kit);
};
