import { accept } from "@apron/core/measure";
import { costOf, noChanges, partCost } from "@apron/core/recipes";
import type { UseCase } from "../context/request-context.ts";
import { nameFor } from "../stock/present-lot.ts";
import { planFor } from "./planned-make.ts";
import { priceOf } from "./price-of.ts";

/** What a make from today's stock costs: lots at what was paid, own produce as asked, the rest off the board. */
export const costRecipe: UseCase<"costRecipe"> = async ({ params, query }, context) => {
  const planned = await planFor(
    { recipeId: params.id, scale: { kind: "batches", batches: query.batches }, take: [], changes: noChanges },
    context,
  );
  if (!planned.ok) return planned;
  const { plan, surplus } = planned.value;
  const parts = plan.lines.flatMap((line) =>
    line.parts.map((part) => {
      const price = priceOf(part, { surplus, own: query.own, context });
      const priced = { name: nameFor(context, part.ingredient), grams: part.grams, ...price };
      return { ...priced, costMinor: partCost(priced) };
    }),
  );
  const cost = costOf(parts, plan.servings);
  return accept({ ...cost, parts, currency: context.session.kitchen.currency });
};
