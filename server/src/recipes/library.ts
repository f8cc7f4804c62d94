import { inTurn } from "../context/in-turn.ts";
import { nameOf } from "@apron/core/catalogue";
import type { Result } from "@apron/core/measure";
import {
  cardOf,
  withSubRecipes,
  type Formula,
  type RecipeCard,
  type SubRecipeIssue,
} from "@apron/core/recipes";
import type { RequestContext } from "../context/request-context.ts";
import type { RecipeRecord } from "../context/ports/recipe.store.ts";
import { kitchenFormulas } from "./kitchen-yields.ts";

/** Every recipe of a kitchen, each with the lines of the recipes that are part of it in place. */
export type ExpandedRecipe = RecipeRecord & {
  /** As it is kept: a line may be made by another recipe. */
  readonly storedFormula: Formula;
};

const formulasById = (records: readonly RecipeRecord[]): Map<string, Formula> =>
  new Map(records.map(({ formula }) => [formula.id, formula]));

/** The default version of every recipe, sub-recipes in place. Saved recipes never lead back to themselves. */
export async function expandedRecipes(context: RequestContext): Promise<ExpandedRecipe[]> {
  const records = await context.stores.recipes.all();
  const byId = formulasById(records);
  const asCooked = await kitchenFormulas([...byId.values()], context);
  return records.map((record) => {
    const whole = withSubRecipes(record.formula, {
      find: (id) => byId.get(id),
      catalogue: context.catalogue,
    });
    // One that was kept before there was a limit stands as it was written: a line that a recipe makes is then filled by nothing.
    const formula = whole.ok ? whole.value : record.formula;
    return { ...record, formula: asCooked(formula), storedFormula: record.formula };
  });
}

/** The lines of other recipes put in place, from the default versions of those recipes. */
export async function expandedFormula(
  formula: Formula,
  context: RequestContext,
): Promise<Result<Formula, SubRecipeIssue>> {
  if (formula.lines.every((line) => line.recipe === null)) return { ok: true, value: formula };
  const byId = formulasById(await context.stores.recipes.all());
  // What is being saved takes its own place: a loop through its own earlier version is still a loop.
  byId.set(formula.id, formula);
  return withSubRecipes(formula, { find: (id) => byId.get(id), catalogue: context.catalogue });
}

/** Recipes that it is a part of, and that could not be put together any more if it became this: the name of the first. */
export async function spoiltBy(formula: Formula, context: RequestContext): Promise<string | undefined> {
  const before = formulasById(await context.stores.recipes.all());
  const after = new Map(before).set(formula.id, formula);
  const whole = (one: Formula, among: ReadonlyMap<string, Formula>) =>
    withSubRecipes(one, { find: (id) => among.get(id), catalogue: context.catalogue });
  for (const one of before.values()) {
    if (one.id === formula.id || one.lines.every((line) => line.recipe === null)) continue;
    if (!whole(one, after).ok && whole(one, before).ok) return one.name;
  }
  return undefined;
}

/** One recipe with everything in place, or undefined; `version` for one that a batch was planned by. */
export async function expandedRecipe(
  id: string,
  context: RequestContext,
  version?: number,
): Promise<ExpandedRecipe | undefined> {
  const { recipes } = context.stores;
  const found = version === undefined ? await recipes.get(id) : await recipes.getVersion(id, version);
  if (!found) return undefined;
  const whole = await expandedFormula(found.formula, context);
  if (!whole.ok) return undefined;
  const asCooked = await kitchenFormulas([whole.value], context);
  return { ...found, formula: asCooked(whole.value), storedFormula: found.formula };
}

const cards = new WeakMap<object, WeakMap<Formula, RecipeCard>>();

/** A recipe's card; a version never changes, so it is worked out once for a catalogue and kept with both. */
export function cachedCard(
  { formula }: ExpandedRecipe,
  context: Pick<RequestContext, "catalogue">,
): RecipeCard {
  const known = cards.get(context.catalogue) ?? new WeakMap<Formula, RecipeCard>();
  cards.set(context.catalogue, known);
  const card = known.get(formula) ?? cardOf(formula, context.catalogue);
  known.set(formula, card);
  return card;
}

/** This kitchen's names of everything that may go in. */
export const namesIn = (formula: Formula, context: RequestContext): Record<string, string> =>
  Object.fromEntries(
    formula.lines.flatMap((line) =>
      line.fillers.flatMap(({ ingredient }) => {
        const facts = context.catalogue.ingredients.get(ingredient);
        return facts ? [[ingredient, nameOf(facts, context.session.kitchen.dialect)] as const] : [];
      }),
    ),
  );

/** Names of the recipes that make a line of this one. */
export async function subRecipeNames(
  written: Formula,
  context: RequestContext,
): Promise<Record<string, string>> {
  const ids = written.lines.flatMap((line) => line.recipe ?? []);
  const found = await inTurn(new Set(ids), (id) => context.stores.recipes.get(id));
  return Object.fromEntries(found.flatMap((one) => (one ? [[one.formula.id, one.formula.name]] : [])));
}
