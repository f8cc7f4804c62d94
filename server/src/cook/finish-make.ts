import type { BatchMade, FinishMake, UseBy } from "@apron/contract";
import {
  believableOutput,
  recordedOutput,
  reconcileBatch,
  type OnHandLot,
  type ReconciledBatch,
} from "@apron/core/cook";
import { eatAndStore, portionsInGrams, type ContainerWish, type Load } from "@apron/core/larder";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { allergensOf, withTonightsChanges, type Formula } from "@apron/core/recipes";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentContainer } from "../larder/present-container.ts";
import type { BatchRecord, ContainerRecord, WithdrawalRecord } from "../context/ports/larder.store.ts";
import { expandedRecipe } from "../recipes/library.ts";
import { dateOf, useByIn } from "./use-by-of.ts";

type Make = {
  readonly body: Required<FinishMake>;
  readonly formula: Formula;
  readonly lots: readonly LotRecord[];
};
type Wish = ContainerWish & { readonly isPlain: boolean };
type Done = Make & {
  readonly reconciled: ReconciledBatch;
  readonly outputG: number;
  readonly containers: readonly ContainerRecord[];
};

/**
 * Records what was made, whole or not at all: draws the lots down, fills the containers with their use-by, and
 * puts what was opened and not used up back as dated lots.
 */
export const finishMake: UseCase<"finishMake"> = async ({ body }, context) => {
  const recipe = await expandedRecipe(body.recipeId, context, body.version);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const { catalogue } = context;
  const formula = withTonightsChanges(recipe.formula, body.changes, { catalogue, batches: body.batches });
  if (!formula.ok) return refuseWith(formula.issue, "changes");
  const unknown = [...body.used, ...body.leftOvers].find(
    (p) => !context.catalogue.ingredients.has(p.ingredient),
  );
  if (unknown) return refuse({ status: 422, code: "ingredient-unknown", field: "used" });
  const lotIds = body.used.flatMap((part) => part.lotId ?? []);
  const lots = lotIds.length === 0 ? [] : await context.stores.lots.getMany([...new Set(lotIds)]);
  const make: Make = { body, formula: formula.value, lots };
  const reconciled = reconcileBatch(make.formula, body.used, {
    lots: lots.map((lot) => onHandOf(lot, context)),
    catalogue: context.catalogue,
  });
  if (!reconciled.ok) {
    const { index } = reconciled.issue as { index?: number };
    return refuseWith(reconciled.issue, index === undefined ? "used" : `used.${index}.grams`);
  }
  const outputG = body.weighedG ?? recordedOutput(reconciled.value.output);
  if (body.weighedG !== null && !believableOutput(body.weighedG, reconciled.value.output))
    return refuse({
      status: 422,
      code: "output-over-inputs",
      field: "weighedG",
      measurements: { output: reconciled.value.output },
    });
  const containers = containersOf({ ...make, outputG }, context);
  if (!containers.ok) return containers;
  return save({ ...make, reconciled: reconciled.value, outputG, containers: containers.value }, context);
};

function onHandOf(lot: LotRecord, context: RequestContext): OnHandLot {
  const fresh = freshnessOf(lot, context);
  return {
    lotId: lot.id,
    ingredient: lot.ingredient,
    onHandG: lot.balanceG,
    state: lot.state,
    method: lot.method,
    part: lot.part,
    pastSafety: fresh.safeUntil !== null && fresh.safeUntil < context.today,
  };
}

/** What was eaten at once: a plate, filled and emptied in one act. Nothing of it is kept, so its day is today. */
const plateOf = (eatenG: number, batchId: string, context: RequestContext): ContainerRecord => ({
  ...{ id: context.newId(), batchId, kind: "plate", place: "fridge", isPlain: false },
  ...{ startG: toMilligram(eatenG), remainingG: toMilligram(eatenG), portionG: toMilligram(eatenG) },
  ...{ useBy: context.today, limit: "quality", reason: "eaten when it was made", source: "" },
  ...{ practiceFrom: null, practiceTo: null, mustNever: "", thawDays: null },
});

function containersOf(make: Make & { outputG: number }, context: RequestContext): Answer<ContainerRecord[]> {
  const { body, formula, outputG } = make;
  const dated = new Map<string, UseBy>();
  for (const [index, { place }] of body.containers.entries()) {
    const date =
      place === "fridge" || place === "freezer"
        ? useByIn(place, { formula, drawn: body.used, lots: make.lots }, context)
        : null;
    if (!date) return refuseWith({ code: "not-kept-there" }, `containers.${index}.place`);
    dated.set(place, date);
  }
  const wishes = body.containers as readonly Wish[];
  const made = { grams: outputG, servings: body.batches * formula.servings };
  const eaten = portionsInGrams(body.eatenPortions, made);
  const stored = eatAndStore(outputG, formula, { eatenG: eaten, wishes });
  if (!stored.ok) return refuseWith(stored.issue, "containers");
  const { eatenG, loads } = stored.value;
  const portionG = portionsInGrams(1, made);
  const filled = loads.flatMap((load) =>
    filledOf(load, { batchId: body.id, portionG, date: dated.get(load.place) }, context),
  );
  return accept([...(eatenG > 0 ? [plateOf(eatenG, body.id, context)] : []), ...filled]);
}

function filledOf(
  load: Load<Wish>,
  of: { batchId: string; portionG: number; date: UseBy | undefined },
  context: RequestContext,
): ContainerRecord[] {
  const { date } = of;
  if (!date) return [];
  return Array.from({ length: load.count }, () => ({
    id: context.newId(),
    batchId: of.batchId,
    kind: load.kind,
    place: load.place,
    isPlain: load.isPlain,
    startG: toMilligram(load.eachG),
    remainingG: toMilligram(load.eachG),
    portionG: toMilligram(Math.min(of.portionG, load.eachG)),
    ...dateOf(date),
  }));
}

async function save(done: Done, context: RequestContext): Promise<Answer<BatchMade>> {
  const { body, outputG, containers } = done;
  const { stores, newId } = context;
  if ((await stores.larder.inputsOf(body.id)).length > 0) return conflict("already-there");
  const batch = batchOf(done, context);
  const inputs = body.used.map((part) => ({ ...part, id: newId(), batchId: body.id }));
  await stores.larder.addBatch(batch, inputs, containers);
  const [plate] = containers.filter(({ kind }) => kind === "plate");
  if (plate) await stores.larder.withdraw(eatenAtOnce(plate, context));
  const leftOvers = body.leftOvers.map((left) => leftOverLot(left, context));
  await stores.lots.add(leftOvers, context.now);
  const entries = entriesOf(done, leftOvers, context);
  if (entries.length > 0) await stores.lots.append(entries);
  const { name, kind, madeOn, recipeId, recipeVersion, allergens } = batch;
  const about = { name, dish: kind, madeOn, recipeId, recipeVersion, allergens, changes: batch.changes };
  return accept({
    id: batch.id,
    name,
    outputG,
    eatenG: plate?.startG ?? 0,
    containers: containers
      .filter(({ kind: held }) => held !== "plate")
      .map((c) => presentContainer({ ...c, ...about }, context)),
    leftOvers: leftOvers.map((lot) => presentLot({ ...lot, balanceG: lot.receivedG }, context)),
  });
}

const eatenAtOnce = (plate: ContainerRecord, context: RequestContext): WithdrawalRecord => ({
  ...{ id: context.newId(), containerId: plate.id, grams: plate.startG, fate: "eaten", undoes: null },
  ...{ at: context.now, memberId: context.session.memberId },
});

/** What leaves the lots that were used, and what comes back as opened. */
function entriesOf(
  { body, formula, reconciled }: Done,
  leftOvers: readonly LotRecord[],
  context: RequestContext,
): EntryRecord[] {
  const batchId = body.id;
  return [
    ...reconciled.draws.map((draw) =>
      entryOf(context, draw.lotId, { kind: "used", grams: draw.grams, reason: formula.name, batchId }),
    ),
    ...leftOvers.map((lot) =>
      entryOf(context, lot.id, {
        kind: "returned",
        grams: lot.receivedG,
        reason: `opened for ${formula.name}`,
        batchId,
      }),
    ),
  ];
}

const batchOf = ({ body, formula, outputG }: Done, context: RequestContext): BatchRecord => ({
  id: body.id,
  recipeId: formula.id,
  recipeVersion: body.version,
  name: formula.name,
  kind: formula.kind,
  batches: body.batches,
  servings: body.batches * formula.servings,
  madeAt: context.now,
  madeOn: context.today,
  outputG,
  weighed: body.weighedG !== null,
  allergens: allergensOf(
    body.used.map((p) => p.ingredient),
    context.catalogue,
  ),
  memberId: context.session.memberId,
  note: body.note,
  nextTime: body.nextTime,
  planId: body.cookedBy?.planId ?? null,
  planDish: body.cookedBy?.dish ?? null,
  changes: body.changes,
  undoneAt: null,
});

function leftOverLot(left: Required<FinishMake>["leftOvers"][number], context: RequestContext): LotRecord {
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
