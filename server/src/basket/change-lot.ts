import type { EntryKind } from "@apron/core/basket";
import { accept, refuse } from "@apron/core/measure";
import { conflict, notFound } from "../http/refusal.ts";
import type { Kit, UseCase } from "../kit.ts";
import { presentLot } from "./present-lot.ts";
import type { EntryRecord, LotRecord } from "./store.ts";

const entryOf = (
  kit: Kit,
  lotId: string,
  change: { kind: EntryKind; grams: number; reason: string },
): EntryRecord => ({
  id: kit.newId(),
  lotId,
  ...change,
  at: kit.now,
  memberId: kit.asker.memberId,
  batchId: null,
  trimId: null,
});

const changed = (lot: LotRecord, changedG: number, kit: Kit) =>
  accept({ lot: presentLot({ ...lot, balanceG: lot.balanceG + changedG }, kit), changedG });

/** Records all that is left of a lot as spoiled. */
export const goneOff: UseCase<"goneOff"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.balanceG <= 0) return conflict("lot-empty");
  await kit.stores.lots.append([
    entryOf(kit, lot.id, { kind: "spoiled", grams: lot.balanceG, reason: body.reason }),
  ]);
  return changed(lot, -lot.balanceG, kit);
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
  const entry = entryOf(kit, lot.id, { kind: "corrected", grams: body.deltaG, reason: body.reason });
  await kit.stores.lots.append([entry]);
  return changed(lot, body.deltaG, kit);
};
