import type { RecordTrim, TrimRecorded } from "@apron/contract";
import { isUntrimmed, lastDayOnceTrimmed } from "@apron/core/basket";
import { needsNoTrimming } from "@apron/core/forms";
import { ingredientAfter, type TrimYield } from "@apron/core/catalogue";
import { accept, refuse } from "@apron/core/measure";
import {
  closeBalance,
  expectedTrim,
  hasJuices,
  ingredientOfPart,
  judgeWeighing,
  netOf,
  isForEating,
  useOfPart,
  type ClosedTrim,
  type ExpectedTrim,
  type TrimPart,
  type KitchenYield,
  type WeighingVerdict,
} from "@apron/core/trim";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import type { TrimPartRecord, TrimRecord } from "../context/ports/trim.store.ts";
import { yieldOf } from "../stock/yields-in-force.ts";

/** The simulated scale's step; a typed weight is taken to be read off the same scale. */
const scaleStepG = 1;
/** What is not weighed is worked out finer, so that what was prepared for a dish is not a gram short of it. */
const estimateStepG = 0.1;

type Trimming = {
  readonly lot: LotRecord;
  readonly handbook: TrimYield;
  readonly body: Required<RecordTrim>;
};
type Judged = { readonly closed: ClosedTrim; readonly verdict: WeighingVerdict };

/**
 * Records a trim: grams leave the raw lot, the usable part and the kept by-products become lots of their own,
 * and everything closes to the gram. An unlikely weighing is refused until the cook confirms it.
 */
export const recordTrim: UseCase<"recordTrim"> = async ({ body }, context) => {
  const lot = await context.stores.lots.get(body.lotId);
  if (!lot) return notFound("lot-unknown", "lotId");
  if (!isUntrimmed(lot, factsOf(context, lot.ingredient))) return conflict("lot-already-trimmed");
  const handbook = factsOf(context, lot.ingredient).trims.find((t) => t.method === body.method);
  if (!handbook) return refuse({ status: 422, code: "method-unknown", field: "method" });
  if (body.rawG > lot.balanceG)
    return refuse({
      status: 422,
      code: "more-than-on-hand",
      field: "rawG",
      measurements: { askedG: body.rawG, onHandG: lot.balanceG },
    });
  const usableG = usableOf(body);
  if (!usableG.ok) return usableG;
  const juices = hasJuices(handbook.method) ? (body.juices ?? "kept") : null;
  const weighed = { ...body, usableG: usableG.value, juices };
  const learned = await context.stores.trims.learned([lot.ingredient]);
  const judged = judge(
    { ...weighed, isRemainder: lot.state === "opened" },
    yieldOf(handbook, { grade: lot.grade, juices }, learned),
  );
  if (!judged.ok) return judged;
  return save({ lot, handbook, body: weighed }, judged.value, context);
};

/** The usable grams as weighed: typed, or in several vessels; null leaves them to the yield. */
function usableOf(body: Required<RecordTrim>): Answer<number | null> {
  if (body.vessels.length === 0) return accept(body.usableG);
  const net = netOf(body.vessels);
  return net.ok ? net : refuseWith(net.issue, "usableG");
}

function judge(
  body: Required<RecordTrim> & { readonly isRemainder: boolean },
  y: KitchenYield,
): Answer<Judged> {
  const expected = expectedTrim(body.rawG, y, estimateStepG);
  const usableG = body.usableG ?? expected.usableG;
  const verdict = judgeWeighing(
    { rawG: body.rawG, usableG, scaleStepG, isRemainder: body.isRemainder },
    { posterior: y.posterior, handbook: y.handbook },
  );
  if (!verdict.ok) return refuseWith(verdict.issue, "usableG");
  const { ask, fraction } = verdict.value;
  if (ask && body.usableG !== null && !body.confirmed)
    return conflict("weighing-unlikely", { why: ask, fraction, expected: y.next, usableG });
  const estimated = body.usableG === null && body.parts.length === 0;
  const parts = estimated ? expectedParts(expected) : body.parts;
  const closed = closeBalance(body.rawG, usableG, parts);
  if (!closed.ok) return refuseWith(closed.issue, "parts");
  const learn = verdict.value.learn && body.usableG !== null;
  return accept({ closed: closed.value, verdict: { ...verdict.value, learn } });
}

/** By-products of an estimated trim: those with a use other than compost are kept. */
const expectedParts = ({ parts }: ExpectedTrim) =>
  parts
    .filter((p) => p.grams > 0)
    .map((p) => ({
      part: p.part,
      grams: p.grams,
      fate: isForEating(p.use) ? ("keep" as const) : ("compost" as const),
    }));

type Cut = {
  readonly usable: LotRecord;
  readonly parts: readonly (TrimPart & { readonly lot: LotRecord | null })[];
};

/** The lots a trim leaves behind: the usable part, and each by-product that is kept. */
function cutOf({ lot, handbook, body }: Trimming, closed: ClosedTrim, context: RequestContext): Cut {
  const usable: Child = {
    ...{
      state: "usable",
      method: body.method,
      grams: closed.usableG,
      note: "",
      part: null,
      useful: true,
      body,
    },
    ingredient: ingredientAfter(lot.ingredient, body.method),
  };
  const parts = closed.parts.map((p) => {
    const use = useOfPart(p.part, handbook.byProducts);
    const note = use ? `${p.part}: ${use}` : p.part;
    const ingredient = ingredientOfPart(lot.ingredient, p.part);
    const own = ingredient === undefined ? undefined : context.catalogue.ingredients.get(ingredient);
    const state = own
      ? needsNoTrimming(own)
        ? ("usable" as const)
        : ("raw" as const)
      : ("by-product" as const);
    const child: Child = {
      ...{ state, ingredient: own?.id, method: null, grams: p.grams, note, body },
      part: own ? null : p.part,
      useful: own !== undefined || isForEating(use),
    };
    return { ...p, lot: p.fate === "keep" ? childLot(lot, child, context) : null };
  });
  return { usable: childLot(lot, usable, context), parts };
}

async function save(
  trimming: Trimming,
  judged: Judged,
  context: RequestContext,
): Promise<Answer<TrimRecorded>> {
  const { lot, body } = trimming;
  const { closed, verdict } = judged;
  const { usable, parts } = cutOf(trimming, closed, context);
  const partLots = parts.flatMap((p) => p.lot ?? []);
  await context.stores.lots.add([usable, ...partLots], context.now);
  await context.stores.trims.add(
    trimRecord(trimming, { closed, learned: verdict.learn, usableLotId: usable.id }, context),
    parts.map(({ part, grams, fate, lot: kept }): TrimPartRecord => ({
      id: context.newId(),
      trimId: body.id,
      part,
      grams,
      fate,
      lotId: kept?.id ?? null,
    })),
  );
  await context.stores.lots.append(entriesOf({ lot, usable, partLots, closed, trimId: body.id }, context));
  const present = (l: LotRecord) => presentLot({ ...l, balanceG: l.receivedG }, context);
  return accept({
    id: body.id,
    usableLot: present(usable),
    partLots: partLots.map(present),
    fraction: verdict.fraction,
    lossG: closed.lossG,
    learned: verdict.learn,
  });
}

function trimRecord(
  { lot, body }: Trimming,
  done: { readonly closed: ClosedTrim; readonly learned: boolean; readonly usableLotId: string },
  context: RequestContext,
): TrimRecord {
  const { rawG, usableG, partsG, lossG } = done.closed;
  return {
    id: body.id,
    lotId: lot.id,
    ingredient: lot.ingredient,
    method: body.method,
    grade: lot.grade,
    rawG,
    usableG,
    partsG,
    lossG,
    learned: done.learned,
    usableLotId: done.usableLotId,
    at: context.now,
    memberId: context.session.memberId,
    juices: body.juices,
  };
}

type Child = {
  readonly state: "raw" | "usable" | "by-product";
  /** Where the part is an ingredient of its own: the tops of a beet. */
  readonly ingredient?: string | undefined;
  readonly method: string | null;
  readonly grams: number;
  readonly note: string;
  readonly part: string | null;
  readonly useful: boolean;
  readonly body: Required<RecordTrim>;
};

/** A lot cut from another: it carries its parent's source, and its share of the price when it is the usable part. */
function childLot(parent: LotRecord, child: Child, context: RequestContext): LotRecord {
  const base = {
    ingredient: child.ingredient ?? parent.ingredient,
    state: child.state,
    method: child.method,
    place: child.body.place,
    since: context.today,
    bestBefore: lastDayOnceTrimmed(parent.spoilsOn, context.today),
    moved: null,
    clothRefreshes: 0,
  };
  const share = child.body.rawG / parent.receivedG;
  const priceMinor =
    parent.priceMinor === null || child.method === null ? null : Math.round(parent.priceMinor * share);
  return {
    ...parent,
    ...base,
    id: context.newId(),
    priceMinor,
    estimateLow: null,
    estimateHigh: null,
    receivedG: child.grams,
    balanceG: 0,
    spoilsOn: freshnessOf(base, context).spoilsOn,
    parentLotId: parent.id,
    note: child.note,
    part: child.part,
    useful: child.useful,
    pieceG: null,
    condition: null,
    intakeId: null,
    bedId: null,
  };
}

type Moved = {
  readonly lot: LotRecord;
  readonly usable: LotRecord;
  readonly partLots: readonly LotRecord[];
  readonly closed: ClosedTrim;
  readonly trimId: string;
};

function entriesOf({ lot, usable, partLots, closed, trimId }: Moved, context: RequestContext): EntryRecord[] {
  return [
    entryOf(context, lot.id, { kind: "trimmed", grams: closed.rawG, trimId }),
    entryOf(context, usable.id, { kind: "from-trim", grams: closed.usableG, trimId }),
    ...partLots.map((part) =>
      entryOf(context, part.id, { kind: "by-product", grams: part.receivedG, trimId }),
    ),
  ];
}
