import type { LogLot } from "@apron/contract";
import { mayBeForaged, oldestLotDays, priceOfLot } from "@apron/core/basket";
import { needsNoTrimming, piecesOnHand } from "@apron/core/forms";
import { ingredientAfter, type IngredientFacts, type Weight } from "@apron/core/catalogue";
import { accept, daysBetween, isExact, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith, type Answer } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { entryOf } from "../stock/entry-of.ts";
import { freshnessOf, presentLot } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { weigh, type Weighed } from "../stock/weigh.ts";

type Arriving = Required<LogLot>;

/** Logs what came in: the lot and the entry that brings it to its weight. */
export const logLot: UseCase<"logLot"> = async ({ body }, context) => {
  if (await context.stores.lots.get(body.id)) return conflict("already-there");
  const arrived = await arrivalOf(body, context);
  if (!arrived.ok) return arrived;
  await bringIn([arrived.value], context);
  const { lot } = arrived.value;
  return accept(presentLot({ ...lot, balanceG: lot.receivedG }, context));
};

/** A lot about to come in, and how its weight came about. */
export type Arrival = { readonly lot: LotRecord; readonly workings: string };

/** Writes arrivals down: lots at nothing, each brought up by its first entry. */
export async function bringIn(arrivals: readonly Arrival[], context: RequestContext): Promise<void> {
  await context.stores.lots.add(
    arrivals.map((a) => a.lot),
    context.now,
  );
  await context.stores.lots.append(
    arrivals.map(({ lot, workings }) =>
      entryOf(context, lot.id, { kind: "received", grams: lot.receivedG, reason: workings }),
    ),
  );
}

/** Everything that has to be true of what came in, then the lot it makes. */
export async function arrivalOf(
  body: Arriving,
  context: RequestContext,
  intakeId: string | null = null,
): Promise<Answer<Arrival>> {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const untrue =
    dateIssue(body, context) ??
    foragingIssue(body, facts) ??
    methodIssue(body, facts) ??
    (await bedIssue(body, context));
  if (untrue) return untrue;
  const read = weigh(body.amount, facts, context);
  if (!read.ok) return read;
  const price = priceOf(body, read.value);
  if (!price.ok) return price;
  const { count } = read.value;
  const counted = body.method === null && count !== null;
  const weight = counted ? piecesOnHand(read.value, facts) : read.value;
  const pieceG = counted ? (read.value.pieceG ?? null) : null;
  const lot = newLot(body, { facts, weight, pieceG, priceMinor: price.value, intakeId, context });
  return accept({ lot, workings: weight.workings });
}

function priceOf(body: Arriving, weight: Weighed): Answer<number | null> {
  if (!body.price) return accept(body.priceMinor);
  const price = priceOfLot(body.price, { grams: weight.grams.value, count: weight.count });
  return price.ok ? price : refuseWith(price.issue, "price");
}

function dateIssue(body: Arriving, context: RequestContext): Answer<never> | undefined {
  if (body.since > context.today)
    return refuse({
      status: 422,
      code: "date-in-future",
      field: "since",
      measurements: { today: context.today },
    });
  return daysBetween(body.since, context.today) > oldestLotDays
    ? refuse({
        status: 422,
        code: "date-too-old",
        field: "since",
        measurements: { oldestDays: oldestLotDays },
      })
    : undefined;
}

const foragingIssue = (body: Arriving, facts: IngredientFacts): Answer<never> | undefined =>
  body.source.kind === "foraged" && !mayBeForaged(facts)
    ? refuse({ status: 422, code: "never-foraged", field: "source.kind" })
    : undefined;

/** What was done to it must be a way that the tables know of this food. */
const methodIssue = ({ method }: Arriving, { trims, changes }: IngredientFacts): Answer<never> | undefined =>
  method === null || [...trims, ...changes].some((one) => one.method === method)
    ? undefined
    : refuse({ status: 422, code: "method-unknown", field: "method" });

async function bedIssue(body: Arriving, context: RequestContext): Promise<Answer<never> | undefined> {
  if (body.bedId === null) return undefined;
  const bed = await context.stores.beds.get(body.bedId);
  return bed ? undefined : notFound("bed-unknown", "bedId");
}

type NewLot = {
  readonly facts: IngredientFacts;
  readonly weight: Weight;
  readonly pieceG: number | null;
  readonly priceMinor: number | null;
  readonly intakeId: string | null;
  readonly context: RequestContext;
};

function newLot(body: Arriving, from: NewLot): LotRecord {
  const { grams } = from.weight;
  const base = {
    ingredient: body.method === null ? body.ingredient : ingredientAfter(body.ingredient, body.method),
    sourceKind: body.source.kind,
    state: body.method !== null || needsNoTrimming(from.facts) ? ("usable" as const) : ("raw" as const),
    method: body.method,
    place: body.place,
    since: body.since,
    bestBefore: body.bestBefore,
    moved: null,
    clothRefreshes: 0,
  };
  return {
    ...base,
    id: body.id,
    grade: body.grade,
    sourceNote: body.source.note ?? "",
    priceMinor: from.priceMinor,
    estimateLow: isExact(grams) ? null : toMilligram(grams.low),
    estimateHigh: isExact(grams) ? null : toMilligram(grams.high),
    receivedG: toMilligram(grams.value),
    balanceG: 0,
    spoilsOn: freshnessOf(base, from.context).spoilsOn,
    parentLotId: null,
    note: body.note,
    condition: null,
    intakeId: from.intakeId,
    bedId: body.bedId,
    label: body.label,
    part: null,
    useful: true,
    pieceG: from.pieceG,
  };
}
