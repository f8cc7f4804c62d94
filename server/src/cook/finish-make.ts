import type { BatchMade, FinishMake } from "@apron/contract";
import {
  believableOutput,
  recordedOutput,
  settleMake,
  type KeptPart,
  type KeptShare,
  type OnHandLot,
  type SettledMake,
} from "@apron/core/cook";
import { accept, refuse } from "@apron/core/measure";
import { partOnly, withTonightsChanges, type Formula } from "@apron/core/recipes";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { presentContainer } from "../larder/present-container.ts";
import { expandedRecipe } from "../recipes/library.ts";
import { freshnessOf, presentLot } from "../stock/present-lot.ts";
import { filledContainers } from "./filled-containers.ts";
import { takenFromOthers, tickPlanned } from "./planned-dish.ts";
import { bringBackLeftOvers, recordBatch, type BatchToRecord, type RecordedBatch } from "./record-batch.ts";

type Body = Required<FinishMake>;
type Make = {
  readonly body: Body;
  readonly formula: Formula;
  readonly lots: readonly LotRecord[];
  readonly settled: SettledMake;
};

/**
 * Records what was made, whole or not at all: draws the lots down, fills the containers with their use-by, keeps parts that
 * stay by themselves as batches of their own, and puts what was opened and not used up back as dated lots.
 */
export const finishMake: UseCase<"finishMake"> = async ({ body }, context) => {
  const make = await settledMake(body, context);
  if (!make.ok) return make;
  const dish = dishOf(make.value, context);
  if (!dish.ok) return dish;
  const parts: BatchToRecord[] = [];
  for (const [index, share] of make.value.settled.parts.entries()) {
    const part = partOf(make.value, { index, share }, context);
    if (!part.ok) return part;
    parts.push(part.value);
  }
  const { larder } = context.stores;
  for (const { id } of [dish.value, ...parts])
    if ((await larder.inputsOf(id)).length > 0) return conflict("already-there");
  const asked = body.takeReserved ? undefined : await takenFromOthers(make.value, context);
  if (asked) return asked;
  return record(make.value, { dish: dish.value, parts }, context);
};

/** The recipe as it was made, and what went into it and into what is kept of its parts. */
async function settledMake(body: Body, context: RequestContext): Promise<Answer<Make>> {
  const { catalogue } = context;
  const recipe = await expandedRecipe(body.recipeId, context, body.version);
  if (!recipe) return notFound("recipe-unknown", "recipeId");
  const formula = withTonightsChanges(recipe.formula, body.changes, { catalogue, batches: body.batches });
  if (!formula.ok) return refuseWith(formula.issue, "changes");
  const unknown = [...body.used, ...body.leftOvers].find((p) => !catalogue.ingredients.has(p.ingredient));
  if (unknown) return refuse({ status: 422, code: "ingredient-unknown", field: "used" });
  const lotIds = body.used.flatMap((part) => part.lotId ?? []);
  const lots = lotIds.length === 0 ? [] : await context.stores.lots.getMany([...new Set(lotIds)]);
  const made = { used: body.used, kept: body.apart as readonly KeptPart[] };
  const onHand = lots.map((lot) => onHandOf(lot, context));
  const settled = settleMake(formula.value, made, { lots: onHand, catalogue });
  return settled.ok
    ? accept({ body, formula: formula.value, lots, settled: settled.value })
    : refuseWith(settled.issue, fieldOf(settled.issue));
}

/** The field that a refusal is about. */
function fieldOf(issue: { readonly index?: number; readonly kept?: number; readonly code: string }): string {
  if (issue.kept !== undefined) return `apart.${issue.kept}`;
  return issue.index === undefined ? "used" : `used.${issue.index}.grams`;
}

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

/** The dish itself: what went in but for what is kept of its parts, as it was weighed. */
function dishOf(make: Make, context: RequestContext): Answer<BatchToRecord> {
  const { body, formula, settled } = make;
  const { output } = settled.dish;
  if (body.weighedG !== null && !believableOutput(body.weighedG, output))
    return refuse({
      status: 422,
      code: "output-over-inputs",
      field: "weighedG",
      measurements: { output },
    });
  const outputG = body.weighedG ?? recordedOutput(output);
  const filled = filledContainers(
    { ...make, ...settled.dish, batchId: body.id, part: "", outputG, servings: servingsOf(make) },
    { wishes: body.containers, eatenPortions: body.eatenPortions, field: "containers" },
    context,
  );
  if (!filled.ok) return filled;
  return accept({
    ...{ id: body.id, name: formula.name, part: "", partOf: null, share: settled.dish },
    ...{ outputG, weighed: body.weighedG !== null, servings: servingsOf(make), containers: filled.value },
    ...{ note: body.note, nextTime: body.nextTime },
  });
}

const servingsOf = ({ body, formula }: Make): number => body.batches * formula.servings;

/** What is kept of a part: a batch of its own, with its own date. */
function partOf(
  make: Make,
  { index, share }: { readonly index: number; readonly share: KeptShare },
  context: RequestContext,
): Answer<BatchToRecord> {
  const { body, formula } = make;
  const kept = body.apart[index];
  if (!kept) return refuseWith({ code: "part-unknown" }, `apart.${index}`);
  const { id, part, keptG: outputG } = kept;
  // As many portions as the dish would have had of it.
  const servings = servingsOf(make) * share.shareOfPart;
  const wishes = kept.containers.map((one) => ({ ...one, isPlain: false }));
  const filled = filledContainers(
    { ...make, ...share, batchId: id, part, outputG, servings },
    { wishes, eatenPortions: 0, field: `apart.${index}.containers` },
    context,
  );
  if (!filled.ok) return filled;
  return accept({
    ...{ id, name: partOnly(formula, part).name, part, partOf: body.id, share },
    ...{ outputG, weighed: true, servings, containers: filled.value, note: "", nextTime: "" },
  });
}

type Recorded = { readonly dish: BatchToRecord; readonly parts: readonly BatchToRecord[] };

async function record(
  make: Make,
  { dish, parts }: Recorded,
  context: RequestContext,
): Promise<Answer<BatchMade>> {
  const { body, formula } = make;
  const made = await recordBatch(dish, make, context);
  const apart: RecordedBatch[] = [];
  for (const part of parts) apart.push(await recordBatch(part, make, context));
  await tickPlanned({ recipeId: body.recipeId, batchId: dish.id }, context);
  const leftOvers = await bringBackLeftOvers(body.leftOvers, { batchId: body.id, formula }, context);
  return accept({
    ...{ id: dish.id, name: dish.name, outputG: dish.outputG, eatenG: made.eatenG },
    containers: made.stored.map((one) => presentContainer(one, context)),
    apart: apart.flatMap(({ stored }) => stored.map((one) => presentContainer(one, context))),
    leftOvers: leftOvers.map((lot) => presentLot({ ...lot, balanceG: lot.receivedG }, context)),
  });
}
