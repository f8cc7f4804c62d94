import type { TrimMethod } from "@apron/contract";
import { provenance, type TrimYield } from "@apron/core/catalogue";
import { accept } from "@apron/core/measure";
import {
  costPerUsable100g,
  expectedTrim,
  kitchenYield,
  planPurchase as planRaw,
  predictNext,
  type KitchenYield,
} from "@apron/core/trim";
import { factsOf, presentLot } from "../basket/present-lot.ts";
import type { LotRecord } from "../basket/store.ts";
import { conflict, notFound } from "../http/refusal.ts";
import type { UseCase } from "../kit.ts";
import type { LearnedWeighing } from "./store.ts";

const shownWeighings = 20;

/** What this kitchen expects of one method, from its own weighings of the same ingredient and method. */
export const yieldOf = (
  handbook: TrimYield,
  grade: LotRecord["grade"],
  learned: readonly LearnedWeighing[],
): KitchenYield =>
  kitchenYield(
    handbook,
    grade,
    learned.filter((w) => w.ingredient === handbook.ingredient && w.method === handbook.method),
  );

function presentMethod(lot: LotRecord, handbook: TrimYield, learned: readonly LearnedWeighing[]): TrimMethod {
  const y = yieldOf(handbook, lot.grade, learned);
  const expected = expectedTrim(lot.balanceG, y);
  const own = learned.filter((w) => w.method === handbook.method).slice(-shownWeighings);
  const price = lot.priceMinor === null ? null : costPerUsable100g(lot.priceMinor, lot.receivedG, y.next);
  return {
    method: handbook.method,
    handbook: { mean: handbook.mean, low: handbook.low, high: handbook.high, source: provenance(handbook) },
    next: y.next,
    wide: predictNext(y.posterior, 0.99),
    ownWeighings: y.ownWeighings,
    weighings: own.map((w) => ({ fraction: w.fraction, grade: w.grade, at: w.at.toISOString() })),
    usable: expected.usable,
    parts: handbook.byProducts.map((p) => ({
      ...p,
      grams: expected.parts.find((e) => e.part === p.part)?.grams ?? 0,
    })),
    costPer100gMinor: price,
    workings: expected.workings,
  };
}

/** Ways to trim a lot, the usual one first, and what each should give. */
export const trimOptions: UseCase<"trimOptions"> = async ({ params }, kit) => {
  const lot = await kit.stores.lots.get(params.id);
  if (!lot) return notFound("lot-unknown");
  if (lot.balanceG <= 0) return conflict("lot-empty");
  const learned = await kit.stores.trims.learned([lot.ingredient]);
  const { trims } = factsOf(kit, lot.ingredient);
  return accept({ lot: presentLot(lot, kit), methods: trims.map((t) => presentMethod(lot, t, learned)) });
};

/** How much to pick or buy so that a usable amount remains. */
export const planPurchase: UseCase<"planPurchase"> = async ({ query }, kit) => {
  const facts = kit.catalogue.ingredients.get(query.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const handbook = query.method ? facts.trims.find((t) => t.method === query.method) : facts.trims[0];
  if (!handbook) return notFound("method-unknown", "method");
  const learned = await kit.stores.trims.learned([facts.id]);
  const plan = planRaw(query.usableG, yieldOf(handbook, query.grade, learned).next);
  return accept({ method: handbook.method, ...plan });
};
