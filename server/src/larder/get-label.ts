import { labelledTogether } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import { notFound } from "../context/refusal.ts";
import type { UseCase } from "../context/request-context.ts";
import { madeFormula } from "../recipes/made-formula.ts";
import { presentCautions } from "../recipes/read.ts";
import { nameFor } from "../stock/present-lot.ts";
import { presentContainer } from "./present-container.ts";

/** What the label of a container says. */
export const getLabel: UseCase<"getLabel"> = async ({ params }, context) => {
  const stored = await context.stores.larder.getContainer(params.id);
  if (!stored) return notFound("container-unknown");
  const inputs = await context.stores.larder.inputsOf(stored.batchId);
  const grams = new Map<string, number>();
  for (const input of inputs) grams.set(input.ingredient, (grams.get(input.ingredient) ?? 0) + input.grams);
  const byWeight = [...grams].sort((a, b) => b[1] - a[1]).map(([id]) => id);
  const formula = await madeFormula(stored, context);
  return accept({
    container: presentContainer(stored, context),
    ingredients: byWeight.map((id) => nameFor(context, id)),
    allergens: [...stored.allergens],
    cautions: formula ? presentCautions(formula, inputs, context) : [],
    mustNever: stored.mustNever,
    together: labelledTogether(stored, await context.stores.larder.containersOf(stored.batchId)),
  });
};
