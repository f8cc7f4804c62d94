import type { ReplyOf } from "@apron/contract";
import { gradeOfPart, moveClock, splitLot as partsOf, type EntryKind } from "@apron/core/basket";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

type Parted = Answer<ReplyOf<"splitLot">>;

/** Grams asked of a lot, or all of it; refuses nothing, and more than is there. */
export function requestedGrams(lot: LotRecord, grams: number | null): Answer<number> {
  if (lot.balanceG <= 0) return conflict("lot-empty");
  const asked = toMilligram(grams ?? lot.balanceG);
  return asked > lot.balanceG
    ? refuse({
        status: 422,
        code: "more-than-on-hand",
        field: "grams",
        measurements: { askedG: asked, onHandG: lot.balanceG },
      })
    : accept(asked);
}

/** Splits a lot by size or state in one step; what is not named stays. Each part remembers what it is. */
export const splitLot: UseCase<"splitLot"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const split = partsOf(lot.balanceG, body.parts);
  if (!split.ok) return refuseWith(split.issue, "parts");
  const parts = split.value.parts.map(({ condition, grams }) =>
    partOf(lot, { grams, condition, grade: gradeOfPart(condition, lot.grade) }, context),
  );
  return save(lot, { parts, out: "split-off" }, context);
};

/** Freezes some or all of a lot whole: a lot of its own in the freezer, its clock stopped where it stood. */
export const freezeLot: UseCase<"freezeLot"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.place === "freezer") return conflict("already-frozen");
  const fresh = freshnessOf(lot, context);
  if (fresh.daysLeft < 0) return conflict("past-its-day");
  const grams = requestedGrams(lot, body.grams);
  if (!grams.ok) return grams;
  const moved = moveClock(lot, factsOf(context, lot.ingredient), context);
  const frozen = partOf(lot, { grams: grams.value, place: "freezer", moved }, context);
  return save(lot, { parts: [frozen], out: "frozen" }, context);
};

/** A cut or opened remainder: a lot of its own on the clock of what is cut, from today. */
export const openPortion: UseCase<"openPortion"> = async ({ params, body }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.state === "opened") return conflict("already-opened");
  const grams = requestedGrams(lot, body.grams);
  if (!grams.ok) return grams;
  const until = freshnessOf(lot, context).spoilsOn;
  const cut = partOf(
    lot,
    {
      grams: grams.value,
      state: "opened",
      since: context.today,
      bestBefore: until,
      moved: null,
      clothRefreshes: 0,
    },
    context,
  );
  return save(lot, { parts: [cut], out: "split-off" }, context);
};

type Differs = Partial<LotRecord> & { readonly grams: number };

/** A lot that was part of another: its share of the price, everything else as it was unless it differs. */
function partOf(lot: LotRecord, { grams, ...differs }: Differs, context: RequestContext): LotRecord {
  const whole = { ...lot, ...differs };
  const share = grams / lot.receivedG;
  return {
    ...whole,
    id: context.newId(),
    parentLotId: lot.id,
    receivedG: grams,
    balanceG: 0,
    estimateLow: null,
    estimateHigh: null,
    priceMinor: lot.priceMinor === null ? null : Math.round(lot.priceMinor * share),
    spoilsOn: freshnessOf(whole, context).spoilsOn,
  };
}

async function save(
  lot: LotRecord,
  { parts, out }: { readonly parts: readonly LotRecord[]; readonly out: EntryKind },
  context: RequestContext,
): Promise<Parted> {
  const leaving = toMilligram(parts.reduce((total, p) => total + p.receivedG, 0));
  await context.stores.lots.add(parts, context.now);
  const reason = parts.flatMap((p) => p.condition ?? []).join(", ");
  const leave = entryOf(context, lot.id, { kind: out, grams: leaving, reason });
  await context.stores.lots.append([
    leave,
    ...parts.map((part) => entryOf(context, part.id, { kind: "split-from", grams: part.receivedG })),
  ]);
  return accept({
    lot: presentLot({ ...lot, balanceG: toMilligram(lot.balanceG - leaving) }, context),
    parts: parts.map((part) => presentLot({ ...part, balanceG: part.receivedG }, context)),
    entryId: leave.id,
  });
}
