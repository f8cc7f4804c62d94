import type { IngredientFacts, TrimYield } from "@apron/core/catalogue";
import { accept, estimate, refuse, type Estimate } from "@apron/core/measure";
import {
  compareBuys as sideBySide,
  planPurchase as planRaw,
  usableFrom,
  wholeMeasureOf,
  wholeUnits,
  type Buy,
} from "@apron/core/trim";
import { weigh } from "../stock/weigh.ts";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { defaultYieldKind, yieldOf } from "../stock/yields-in-force.ts";

const methodOf = (facts: IngredientFacts, method: string | undefined): TrimYield | undefined =>
  method ? facts.trims.find((t) => t.method === method) : facts.trims[0];

/** How much to pick or buy so that a usable amount remains, or what a raw amount will leave. */
export const planPurchase: UseCase<"planPurchase"> = async ({ query }, context) => {
  const facts = context.catalogue.ingredients.get(query.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const handbook = methodOf(facts, query.method);
  if (!handbook) return notFound("method-unknown", "method");
  const learned = await context.stores.trims.learned([facts.id]);
  const { next } = yieldOf(handbook, defaultYieldKind(handbook.method, query.grade), learned);
  const { rawG } = query;
  const usableG = query.usableG ?? (rawG === undefined ? undefined : usableFrom(rawG, next).value);
  if (usableG === undefined) return refuse({ status: 422, code: "missing", field: "usableG" });
  const plan = planRaw(usableG, next);
  const usable = rawG === undefined ? estimate(usableG, usableG, usableG) : usableFrom(rawG, next);
  return accept({ method: handbook.method, ...plan, usable, whole: wholeOf(facts, usableG, next) });
};

/** The same in whole bunches or heads, where the ingredient comes so. */
function wholeOf(facts: IngredientFacts, usableG: number, y: Estimate) {
  const row = wholeMeasureOf(facts);
  if (!row) return null;
  const eachG = estimate(row.grams, row.low, row.high);
  return { measure: row.measure, eachG, ...wholeUnits(usableG, eachG, y) };
}

/** Candidates side by side: prime or seconds, bunch or loose, market or shop, by the usable gram. */
export const compareBuys: UseCase<"compareBuys"> = async ({ body }, context) => {
  const facts = context.catalogue.ingredients.get(body.ingredient);
  if (!facts) return notFound("ingredient-unknown", "ingredient");
  const handbook = methodOf(facts, body.method);
  const learned = await context.stores.trims.learned([facts.id]);
  const buys: Buy[] = [];
  for (const [index, one] of body.candidates.entries()) {
    const weight = weigh(one.unit, facts, context);
    if (!weight.ok) return refuse({ ...weight.issue, field: `candidates.${index}.unit` });
    const y = handbook
      ? yieldOf(handbook, defaultYieldKind(handbook.method, one.grade), learned).next
      : estimate(1, 1, 1);
    const { grams, count } = weight.value;
    buys.push({
      label: one.label,
      unitG: grams,
      whole: count !== null,
      priceMinor: one.priceMinor,
      yield: y,
    });
  }
  return accept(sideBySide(body.usableG, buys));
};
