import { effectOnStock, pouredOut } from "@apron/core/basket";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { learnFromSpoilage } from "../stock/refresh-use-by.ts";
import { requestedGrams } from "./part-lot.ts";
import { keptForAnother, reservedNow } from "../stock/reserved.ts";
import { presentLot } from "../stock/present-lot.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";

type Movement = Pick<EntryRecord, "kind" | "grams" | "reason">;

/** Writes one movement and answers with the lot as it is after it, and the way back. */
async function move(lot: LotRecord, movement: Movement, context: RequestContext) {
  const entry = entryOf(context, lot.id, movement);
  await context.stores.lots.append([entry]);
  const changedG = effectOnStock(entry);
  const after = { ...lot, balanceG: toMilligram(lot.balanceG + changedG) };
  return accept({ lot: presentLot(after, context), changedG, entryId: entry.id });
}

/** Records all that is left of a lot as spoiled. */
export const goneOff: UseCase<"goneOff"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.balanceG <= 0) return conflict("lot-empty");
  const moved = await move(lot, { kind: "spoiled", grams: lot.balanceG, reason: body.reason }, context);
  await learnFromSpoilage(lot, moved.value.entryId, context);
  return moved;
};

/** What is used or given away might have been kept; what is thrown away is gone already. */
const isChoice = { used: true, given: true, composted: false, spoiled: false } as const;

const keptFor = async (lot: LotRecord, takenG: number, context: RequestContext) =>
  keptForAnother((await reservedNow(context)).reservations, { lot, takenG, recipeId: null });

/** Uses, gives away, composts or throws out some of a lot, or all that is left. */
export const removeFromLot: UseCase<"removeFromLot"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const grams = requestedGrams(lot, body.grams);
  if (!grams.ok) return grams;
  const asked = isChoice[body.fate] && !body.takeReserved && (await keptFor(lot, grams.value, context));
  if (asked) return asked;
  const moved = await move(lot, { kind: body.fate, grams: grams.value, reason: body.reason }, context);
  if (body.fate === "spoiled") await learnFromSpoilage(lot, moved.value.entryId, context);
  return moved;
};

/** Records what was poured from a bottle, jar or bowl that was weighed before and after. */
export const weighBack: UseCase<"weighBack"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const poured = pouredOut(body.beforeG, body.afterG);
  if (!poured.ok) return refuseWith(poured.issue, "afterG");
  const grams = requestedGrams(lot, poured.value);
  if (!grams.ok) return grams;
  const reason = [`weighed back ${body.beforeG} − ${body.afterG} g`, body.reason].filter(Boolean).join(": ");
  return move(lot, { kind: "used", grams: grams.value, reason }, context);
};

/** Adds or takes off grams with a reason; never below nothing. */
export const correctLot: UseCase<"correctLot"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (body.deltaG === 0) return refuse({ status: 422, code: "amount-not-positive", field: "deltaG" });
  if (lot.balanceG + body.deltaG < 0)
    return refuse({
      status: 422,
      code: "more-than-on-hand",
      field: "deltaG",
      measurements: { askedG: -body.deltaG, onHandG: lot.balanceG },
    });
  return move(lot, { kind: "corrected", grams: body.deltaG, reason: body.reason }, context);
};
