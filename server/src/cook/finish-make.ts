import type { BatchMade, FinishMake, UseBy } from "@apron/contract";
import { believableOutput, recordedOutput, settleMake, type OnHandLot, type Settled } from "@apron/core/cook";
import { divideOver, type ContainerWish, type Load } from "@apron/core/larder";
import { accept, refuse, toMilligram } from "@apron/core/measure";
import { allergensOf, type Formula } from "@apron/core/recipes";
import { entryOf } from "../stock/entry-of.ts";
import { factsOf, freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { EntryRecord, LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { presentContainer } from "../larder/present-container.ts";
import type { BatchRecord, ContainerRecord } from "../context/ports/larder.store.ts";
import { wholeRecipe } from "../recipes/library.ts";
import { useByIn } from "./use-by-of.ts";

type Make = {
  readonly body: Required<FinishMake>;
  readonly formula: Formula;
  readonly lots: readonly LotRecord[];
};
type Done = Make & {
  readonly settled: Settled;
  readonly outputG: number;
  readonly containers: readonly ContainerRecord[];
};

/**
 * Records what was made, whole or not at all: draws the lots down, fills the containers with their use-by, and
 * puts what was opened and not used up back as dated lots.
 */
export const finishMake: UseCase<"finishMake"> = async ({ body }, kit) => {
  const recipe = await wholeRecipe(body.recipeId, kit, body.version);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const unknown = [...body.used, ...body.leftOvers].find((p) => !kit.catalogue.ingredients.has(p.ingredient));
  if (unknown) return refuse({ status: 422, code: "ingredient-unknown", field: "used" });
  const lotIds = body.used.flatMap((part) => part.lotId ?? []);
  const lots = lotIds.length === 0 ? [] : await kit.stores.lots.getMany([...new Set(lotIds)]);
  const make: Make = { body, formula: recipe.formula, lots };
  const settled = settleMake(make.formula, body.used, {
    lots: lots.map((lot) => onHandOf(lot, kit)),
    catalogue: kit.catalogue,
  });
  if (!settled.ok) {
    const { index } = settled.issue as { index?: number };
    return refuseWith(settled.issue, index === undefined ? "used" : `used.${index}.grams`);
  }
  const outputG = body.weighedG ?? recordedOutput(settled.value.output);
  if (body.weighedG !== null && !believableOutput(body.weighedG, settled.value.output))
    return refuse({
      status: 422,
      code: "output-over-inputs",
      field: "weighedG",
      measurements: { output: settled.value.output },
    });
  const containers = containersOf({ ...make, outputG }, kit);
  if (!containers.ok) return containers;
  return save({ ...make, settled: settled.value, outputG, containers: containers.value }, kit);
};

function onHandOf(lot: LotRecord, kit: Kit): OnHandLot {
  const fresh = freshnessOf(lot, kit);
  return {
    lotId: lot.id,
    ingredient: lot.ingredient,
    onHandG: lot.balanceG,
    state: lot.state,
    pastSafety: fresh.safeUntil !== null && fresh.safeUntil < kit.today,
  };
}

function containersOf(make: Make & { outputG: number }, kit: Kit): Answer<ContainerRecord[]> {
  const { body, formula, outputG } = make;
  const dated = new Map<string, UseBy>();
  for (const [index, { place }] of body.containers.entries()) {
    const date =
      place === "fridge" || place === "freezer"
        ? useByIn(place, { formula, drawn: body.used, lots: make.lots }, kit)
        : null;
    if (!date) return refuseWith({ code: "not-kept-there" }, `containers.${index}.place`);
    dated.set(place, date);
  }
  const loads = divideOver(outputG, formula, body.containers as readonly ContainerWish[]);
  if (!loads.ok) return refuseWith(loads.issue, "containers");
  const portionG = outputG / (body.batches * formula.servings);
  return accept(
    loads.value.flatMap((load) =>
      filledOf(load, { batchId: body.id, portionG, date: dated.get(load.place) }, kit),
    ),
  );
}

function filledOf(
  load: Load,
  of: { batchId: string; portionG: number; date: UseBy | undefined },
  kit: Kit,
): ContainerRecord[] {
  const { date } = of;
  if (!date) return [];
  return Array.from({ length: load.count }, () => ({
    id: kit.newId(),
    batchId: of.batchId,
    kind: load.kind,
    place: load.place,
    startG: toMilligram(load.eachG),
    remainingG: toMilligram(load.eachG),
    portionG: toMilligram(Math.min(of.portionG, load.eachG)),
    useBy: date.on,
    limit: date.limit,
    reason: date.reason,
    source: date.source,
    practiceFrom: date.practice?.from ?? null,
    practiceTo: date.practice?.to ?? null,
    mustNever: date.mustNever,
    thawDays: date.thawDays,
  }));
}

async function save(done: Done, kit: Kit): Promise<Answer<BatchMade>> {
  const { body, outputG, containers } = done;
  const { stores, newId } = kit;
  if ((await stores.larder.inputsOf(body.id)).length > 0) return conflict("already-there");
  const batch = batchOf(done, kit);
  const inputs = body.used.map((part) => ({ ...part, id: newId(), batchId: body.id }));
  await stores.larder.addBatch(batch, inputs, containers);
  const leftOvers = body.leftOvers.map((left) => leftOverLot(left, kit));
  await stores.lots.add(leftOvers, kit.now);
  const entries = entriesOf(done, leftOvers, kit);
  if (entries.length > 0) await stores.lots.append(entries);
  const { name, kind, madeOn, recipeId, recipeVersion, allergens } = batch;
  const about = { name, dish: kind, madeOn, recipeId, recipeVersion, allergens };
  return accept({
    id: batch.id,
    name,
    outputG,
    containers: containers.map((c) => presentContainer({ ...c, ...about }, kit)),
    leftOvers: leftOvers.map((lot) => presentLot({ ...lot, balanceG: lot.receivedG }, kit)),
  });
}

/** What leaves the lots that were used, and what comes back as opened. */
function entriesOf(
  { body, formula, settled }: Done,
  leftOvers: readonly LotRecord[],
  kit: Kit,
): EntryRecord[] {
  const batchId = body.id;
  return [
    ...settled.draws.map((draw) =>
      entryOf(kit, draw.lotId, { kind: "used", grams: draw.grams, reason: formula.name, batchId }),
    ),
    ...leftOvers.map((lot) =>
      entryOf(kit, lot.id, {
        kind: "returned",
        grams: lot.receivedG,
        reason: `opened for ${formula.name}`,
        batchId,
      }),
    ),
  ];
}

const batchOf = ({ body, formula, outputG }: Done, kit: Kit): BatchRecord => ({
  id: body.id,
  recipeId: formula.id,
  recipeVersion: body.version,
  name: formula.name,
  kind: formula.kind,
  batches: body.batches,
  servings: body.batches * formula.servings,
  madeAt: kit.now,
  madeOn: kit.today,
  outputG,
  weighed: body.weighedG !== null,
  allergens: allergensOf(
    body.used.map((p) => p.ingredient),
    kit.catalogue,
  ),
  memberId: kit.asker.memberId,
});

function leftOverLot(left: Required<FinishMake>["leftOvers"][number], kit: Kit): LotRecord {
  const base = {
    ingredient: factsOf(kit, left.ingredient).id,
    state: "opened" as const,
    method: null,
    place: left.place,
    since: kit.today,
    bestBefore: null,
    moved: null,
    refreshed: 0,
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
    spoilsOn: freshnessOf(base, kit).spoilsOn,
    parentLotId: null,
    note: "opened and not used up",
    condition: null,
    intakeId: null,
    bedId: null,
    label: null,
  };
}
