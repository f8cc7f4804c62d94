import type { ReplyOf } from "@apron/contract";
import { gradeOfPart, moveClock, splitLot as partsOf, type EntryKind } from "@apron/core/basket";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";

type Parted = Answer<ReplyOf<"splitLot">>;

/** Grams asked of a lot, or all of it; refuses nothing, and more than is there. */
export function someOf(lot: LotRecord, grams: number | null): Answer<number> {
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
export const splitLot: UseCase<"splitLot"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  const split = partsOf(lot.balanceG, body.parts);
  if (!split.ok) return refuseWith(split.issue, "parts");
  const parts = split.value.parts.map(({ condition, grams }) =>
    partOf(lot, { grams, condition, grade: gradeOfPart(condition, lot.grade) }, kit),
  );
  return save(lot, { parts, out: "split-off" }, kit);
};

/** Freezes some or all of a lot whole: a lot of its own in the freezer, its clock stopped where it stood. */
export const freezeLot: UseCase<"freezeLot"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.place === "freezer") return conflict("already-frozen");
  const fresh = freshnessOf(lot, kit);
  if (fresh.daysLeft < 0) return conflict("past-its-day");
  const grams = someOf(lot, body.grams);
  if (!grams.ok) return grams;
  const moved = moveClock(lot, factsOf(kit, lot.ingredient), kit);
  const frozen = partOf(lot, { grams: grams.value, place: "freezer", moved }, kit);
  return save(lot, { parts: [frozen], out: "frozen" }, kit);
};

/** A cut or opened remainder: a lot of its own on the clock of what is cut, from today. */
export const cutLot: UseCase<"cutLot"> = async ({ params, body }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.state === "opened") return conflict("already-opened");
  const grams = someOf(lot, body.grams);
  if (!grams.ok) return grams;
  const until = freshnessOf(lot, kit).spoilsOn;
  const cut = partOf(
    lot,
    { grams: grams.value, state: "opened", since: kit.today, bestBefore: until, moved: null, refreshed: 0 },
    kit,
  );
  return save(lot, { parts: [cut], out: "split-off" }, kit);
};

type Differs = Partial<LotRecord> & { readonly grams: number };

/** A lot that was part of another: its share of the price, everything else as it was unless it differs. */
function partOf(lot: LotRecord, { grams, ...differs }: Differs, kit: Kit): LotRecord {
  const whole = { ...lot, ...differs };
  const share = grams / lot.receivedG;
  return {
    ...whole,
    id: kit.newId(),
    parentLotId: lot.id,
    receivedG: grams,
    balanceG: 0,
    estimateLow: null,
    estimateHigh: null,
    priceMinor: lot.priceMinor === null ? null : Math.round(lot.priceMinor * share),
    spoilsOn: freshnessOf(whole, kit).spoilsOn,
  };
}

async function save(
  lot: LotRecord,
  { parts, out }: { readonly parts: readonly LotRecord[]; readonly out: EntryKind },
  kit: Kit,
): Promise<Parted> {
  const leaving = toMilligram(parts.reduce((total, p) => total + p.receivedG, 0));
  await kit.stores.lots.add(parts, kit.now);
  const reason = parts.flatMap((p) => p.condition ?? []).join(", ");
  const leave = entryOf(kit, lot.id, { kind: out, grams: leaving, reason });
  await kit.stores.lots.append([
    leave,
    ...parts.map((part) => entryOf(kit, part.id, { kind: "split-from", grams: part.receivedG })),
  ]);
  return accept({
    lot: presentLot({ ...lot, balanceG: toMilligram(lot.balanceG - leaving) }, kit),
    parts: parts.map((part) => presentLot({ ...part, balanceG: part.receivedG }, kit)),
    entryId: leave.id,
  });
}
