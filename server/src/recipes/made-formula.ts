import { withTonightsChanges, type Formula, type TonightsChanges } from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import { expandedRecipe } from "./library.ts";

/** The formula that a batch was made by: its version, with what was done otherwise that once. */
export async function madeFormula(
  made: {
    readonly recipeId: string;
    readonly recipeVersion: number;
    readonly changes: TonightsChanges;
  },
  context: RequestContext,
): Promise<Formula | undefined> {
  const recipe = await expandedRecipe(made.recipeId, context, made.recipeVersion);
  if (!recipe) return undefined;
  const { catalogue } = context;
  // What it is made of and how counts here; how much of it stands with the batch.
  const changed = withTonightsChanges(recipe.formula, made.changes, { catalogue, batches: 1 });
  return changed.ok ? changed.value : recipe.formula;
}
