import type { LogLot } from "@apron/contract";
import { comesReady, mayBeForaged } from "@apron/core/basket";
import { toGrams, type IngredientFacts, type Weight } from "@apron/core/catalogue";
import { accept, isExact, parseAmount, refuse, toMilligram } from "@apron/core/measure";
import { conflict, notFound, refuseWith, type Answer } from "../http/refusal.ts";
import type { Kit, UseCase } from "../kit.ts";
import { freshnessOf, presentLot } from "./present-lot.ts";
import type { LotRecord } from "./store.ts";

const oldestDays = 366;

/** Reads an amount as a cook says it into grams of this ingredient. */
export function weigh(text: string, facts: IngredientFacts, kit: Pick<Kit, "asker">): Answer<Weight> {
  const read = parseAmount(text, kit.asker.kitchen.cup);
  if (!read.ok) return refuseWith(read.issue, "amount");
  const weight = toGrams(read.value.amount, facts, { rest: read.value.rest });
  return weight.ok ? weight : refuseWith(weight.issue, "amount");
}

/** Logs what came in: the lot and the entry that brings it to its weight. */
export const logLot: UseCase<"logLot"> = async ({ body }, kit) => {
  const facts = kit.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const untrue = dateIssue(body, kit) ?? foragingIssue(body, facts);
  if (untrue) return untrue;
  const weight = weigh(body.amount, facts, kit);
  if (!weight.ok) return weight;
  if (await kit.stores.lots.get(body.id)) return conflict("already-there");
  const lot = newLot(body, { facts, weight: weight.value, kit });
  await kit.stores.lots.add([lot], kit.now);
  await kit.stores.lots.append([
    {
      id: kit.newId(),
      lotId: lot.id,
      kind: "received",
      grams: lot.receivedG,
      at: kit.now,
      memberId: kit.asker.memberId,
      reason: weight.value.workings,
      batchId: null,
      trimId: null,
    },
  ]);
  return accept(presentLot({ ...lot, balanceG: lot.receivedG }, kit));
};

function dateIssue(body: LogLot, kit: Kit): Answer<never> | undefined {
  if (body.since > kit.today)
    return refuse({
      status: 422,
      code: "date-in-future",
      field: "since",
      measurements: { today: kit.today },
    });
  const age = (Date.parse(kit.today) - Date.parse(body.since)) / 86_400_000;
  return age > oldestDays
    ? refuse({ status: 422, code: "date-too-old", field: "since", measurements: { oldestDays } })
    : undefined;
}

const foragingIssue = (body: LogLot, facts: IngredientFacts): Answer<never> | undefined =>
  body.source.kind === "foraged" && !mayBeForaged(facts)
    ? refuse({ status: 422, code: "never-foraged", field: "source.kind" })
    : undefined;

function newLot(
  body: Required<LogLot>,
  from: { facts: IngredientFacts; weight: Weight; kit: Kit },
): LotRecord {
  const { grams } = from.weight;
  const base = {
    ingredient: body.ingredient,
    state: comesReady(from.facts) ? ("usable" as const) : ("raw" as const),
    method: null,
    place: body.place,
    since: body.since,
    bestBefore: body.bestBefore,
  };
  return {
    ...base,
    id: body.id,
    grade: body.grade,
    sourceKind: body.source.kind,
    sourceNote: body.source.note ?? "",
    priceMinor: body.priceMinor,
    estimateLow: isExact(grams) ? null : toMilligram(grams.low),
    estimateHigh: isExact(grams) ? null : toMilligram(grams.high),
    receivedG: toMilligram(grams.value),
    balanceG: 0,
    spoilsOn: freshnessOf(base, from.kit).spoilsOn,
    parentLotId: null,
    note: body.note,
  };
}
