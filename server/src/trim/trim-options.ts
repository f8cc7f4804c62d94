import type { TrimMethod } from "@apron/contract";
import { methodsFor } from "@apron/core/basket";
import { provenance, type TrimYield } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import {
  costPerUsable100g,
  expectedTrim,
  hasJuices,
  includesHeat,
  partUses,
  predictNext,
  type Juices,
} from "@apron/core/trim";
import { factsOf, presentLot } from "../stock/present-lot.ts";
import type { LotRecord } from "../context/ports/lot.store.ts";
import { conflict, notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import type { LearnedWeighing } from "../context/ports/trim.store.ts";
import { yieldOf } from "../stock/yields-in-force.ts";

const shownWeighings = 20;

type Way = { readonly handbook: TrimYield; readonly juices: Juices; readonly suits: boolean };

function presentMethod(lot: LotRecord, way: Way, learned: readonly LearnedWeighing[]): TrimMethod {
  const { handbook, juices } = way;
  const y = yieldOf(handbook, { grade: lot.grade, juices }, learned);
  const expected = expectedTrim(lot.balanceG, y);
  const own = learned
    .filter((w) => w.method === handbook.method && w.juices === juices)
    .slice(-shownWeighings);
  const price = lot.priceMinor === null ? null : costPerUsable100g(lot.priceMinor, lot.receivedG, y.next);
  return {
    method: handbook.method,
    juices,
    suits: way.suits,
    fallback: y.fallback,
    handbook: { mean: handbook.mean, low: handbook.low, high: handbook.high, source: provenance(handbook) },
    next: y.next,
    wide: predictNext(y.posterior, 0.99),
    ownWeighings: y.ownWeighings,
    weighings: own.map((w) => ({
      trimId: w.trimId,
      fraction: w.fraction,
      grade: w.grade,
      at: w.at.toISOString(),
    })),
    usable: expected.usable,
    parts: handbook.byProducts.map((p) => ({
      ...p,
      grams: expected.parts.find((e) => e.part === p.part)?.grams ?? 0,
    })),
    costPer100gMinor: price,
    workings: expected.workings,
  };
}

/** Ways to trim a lot, the one that suits it first, and what each should give; with juices kept and drained apart. */
export const trimOptions: UseCase<"trimOptions"> = async ({ params }, context) => {
  const lot = await context.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.balanceG <= 0) return conflict("lot-empty");
  const learned = await context.stores.trims.learned([lot.ingredient]);
  const { trims, changes } = factsOf(context, lot.ingredient);
  const ways = methodsFor(trims, lot.condition).flatMap((handbook, i): Way[] => {
    const suits = i === 0 && lot.condition !== null;
    const juices: readonly Juices[] = hasJuices(handbook.method) ? ["kept", "drained"] : [null];
    return juices.map((one) => ({ handbook, juices: one, suits }));
  });
  return accept({
    lot: presentLot(lot, context),
    methods: ways.map((way) => presentMethod(lot, way, learned)),
    furtherParts: [...partUses],
    cooking: changes.map((c) => c.method).filter((method) => !includesHeat(method)),
  });
};
