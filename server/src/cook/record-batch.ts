import type { FinishMake } from "@apron/contract";
import type { Share } from "@apron/core/cook";
import { toMilligram } from "@apron/core/measure";
import { allergensOf, type Formula } from "@apron/core/recipes";
import type {
  BatchRecord,
  ContainerRecord,
  StoredContainer,
  WithdrawalRecord,
} from "../context/ports/larder.store.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import type { RequestContext } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf } from "../stock/present-lot.ts";

/** A batch that is settled: a dish, or what is kept of one of its parts. */
export type BatchToRecord = Pick<
  BatchRecord,
  "id" | "name" | "part" | "partOf" | "outputG" | "weighed" | "servings" | "note" | "nextTime"
> & { readonly share: Share; readonly containers: readonly ContainerRecord[] };

type Make = { readonly body: Required<FinishMake>; readonly formula: Formula };

/** What was stored of it, and what was eaten at once, grams. */
export type RecordedBatch = { readonly stored: readonly StoredContainer[]; readonly eatenG: number };

/** Writes a batch down with its containers, and takes what went into it out of its lots. */
export async function recordBatch(
  one: BatchToRecord,
  make: Make,
  context: RequestContext,
): Promise<RecordedBatch> {
  const { larder, lots } = context.stores;
  const { containers, share } = one;
  const batch = batchOf(one, make, context);
  const inputs = share.used.map((part) => ({ ...part, id: context.newId(), batchId: one.id }));
  await larder.addBatch(batch, inputs, containers);
  const [plate] = containers.filter(({ kind }) => kind === "plate");
  if (plate) await larder.withdraw(eatenAtOnce(plate, context));
  const drawn = share.draws.map(({ lotId, grams }) =>
    entryOf(context, lotId, { kind: "used", grams, reason: one.name, batchId: one.id }),
  );
  if (drawn.length > 0) await lots.append(drawn);
  const { name, kind: dish, madeOn, recipeId, recipeVersion, allergens, changes, part } = batch;
  const about = { name, dish, madeOn, recipeId, recipeVersion, allergens, changes, part };
  const kept = containers.filter(({ kind }) => kind !== "plate");
  return { stored: kept.map((held) => ({ ...held, ...about })), eatenG: plate?.startG ?? 0 };
}

const eatenAtOnce = (plate: ContainerRecord, context: RequestContext): WithdrawalRecord => ({
  ...{ id: context.newId(), containerId: plate.id, grams: plate.startG, fate: "eaten", undoes: null },
  ...{ at: context.now, memberId: context.session.memberId },
});

function batchOf(one: BatchToRecord, { body, formula }: Make, context: RequestContext): BatchRecord {
  const { share, containers: _filled, ...batch } = one;
  return {
    ...batch,
    recipeId: formula.id,
    recipeVersion: body.version,
    kind: formula.kind,
    batches: body.batches,
    madeAt: context.now,
    madeOn: context.today,
    allergens: allergensOf(
      share.used.map((p) => p.ingredient),
      context.catalogue,
    ),
    memberId: context.session.memberId,
    planId: body.cookedBy?.planId ?? null,
    planDish: body.cookedBy?.dish ?? null,
    changes: body.changes,
    undoneAt: null,
  };
}

type LeftOver = Required<FinishMake>["leftOvers"][number];

/** Puts what was opened and not used up back as dated lots. */
export async function bringBackLeftOvers(
  leftOvers: readonly LeftOver[],
  { batchId, formula }: { readonly batchId: string; readonly formula: Formula },
  context: RequestContext,
): Promise<LotRecord[]> {
  const { lots } = context.stores;
  const back = leftOvers.map((left) => leftOverLot(left, context));
  await lots.add(back, context.now);
  const reason = `opened for ${formula.name}`;
  const entries = back.map(({ id, receivedG: grams }) =>
    entryOf(context, id, { kind: "returned", grams, reason, batchId }),
  );
  if (entries.length > 0) await lots.append(entries);
  return back;
}

function leftOverLot(left: LeftOver, context: RequestContext): LotRecord {
  const base = {
    ingredient: factsOf(context, left.ingredient).id,
    state: "opened" as const,
    method: null,
    place: left.place,
    since: context.today,
    bestBefore: null,
    moved: null,
    clothRefreshes: 0,
  };
  return {
    ...base,
    id: left.id,
    grade: "prime",
    sourceKind: "shop",
    sourceNote: "",
    priceMinor: null,
    estimateLow: null,
    estimateHigh: null,
    receivedG: toMilligram(left.grams),
    balanceG: 0,
    spoilsOn: freshnessOf(base, context).spoilsOn,
    parentLotId: null,
    note: "opened and not used up",
    condition: null,
    intakeId: null,
    bedId: null,
    label: null,
    part: null,
    useful: true,
    pieceG: null,
  };
}
