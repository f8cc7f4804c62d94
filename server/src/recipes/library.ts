import { nameOf } from "@apron/core/catalogue";
import { invariant, type Result } from "@apron/core/measure";
import {
  cardOf,
  withSubRecipes,
  type Formula,
  type RecipeCard,
  type SubRecipeIssue,
} from "@apron/core/recipes";
import type { Kit } from "../context/request-context.ts";
import type { RecipeRecord } from "../context/ports/recipe.store.ts";

/** Every recipe of a kitchen, each with the lines of the recipes that are part of it in place. */
export type WholeRecipe = RecipeRecord & {
  /** As it is kept: a line may be made by another recipe. */
  readonly written: Formula;
};

const formulasById = (records: readonly RecipeRecord[]): Map<string, Formula> =>
  new Map(records.map(({ formula }) => [formula.id, formula]));

/** The house version of every recipe, sub-recipes in place. Saved recipes never lead back to themselves. */
export async function wholeRecipes(kit: Kit): Promise<WholeRecipe[]> {
  const records = await kit.stores.recipes.all();
  const byId = formulasById(records);
  return records.map((record) => {
    const whole = withSubRecipes(record.formula, {
      find: (id) => byId.get(id),
      catalogue: kit.catalogue,
    });
    invariant(whole.ok, `recipe ${record.formula.id} cannot be put together`);
    return { ...record, formula: whole.value, written: record.formula };
  });
}

/** The lines of other recipes put in place, from the house versions of those recipes. */
export async function wholeFormula(formula: Formula, kit: Kit): Promise<Result<Formula, SubRecipeIssue>> {
  if (formula.lines.every((line) => line.recipe === null)) return { ok: true, value: formula };
  const byId = formulasById(await kit.stores.recipes.all());
  // What is being saved stands for itself: a loop through its own earlier version is still a loop.
  byId.set(formula.id, formula);
  return withSubRecipes(formula, { find: (id) => byId.get(id), catalogue: kit.catalogue });
}

/** One recipe with everything in place, or undefined; `version` for one that a batch was planned by. */
export async function wholeRecipe(id: string, kit: Kit, version?: number): Promise<WholeRecipe | undefined> {
  const { recipes } = kit.stores;
  const found = version === undefined ? await recipes.get(id) : await recipes.getVersion(id, version);
  if (!found) return undefined;
  const whole = await wholeFormula(found.formula, kit);
  return whole.ok ? { ...found, formula: whole.value, written: found.formula } : undefined;
}

const cards = new WeakMap<object, WeakMap<Formula, RecipeCard>>();

/** A recipe's card; a version never changes, so it is worked out once for a catalogue and kept with both. */
export function knownCard({ formula }: WholeRecipe, kit: Pick<Kit, "catalogue">): RecipeCard {
  const known = cards.get(kit.catalogue) ?? new WeakMap<Formula, RecipeCard>();
  cards.set(kit.catalogue, known);
  const card = known.get(formula) ?? cardOf(formula, kit.catalogue);
  known.set(formula, card);
  return card;
}

/** This kitchen's names of everything that may go in. */
export const namesIn = (formula: Formula, kit: Kit): Record<string, string> =>
  Object.fromEntries(
    formula.lines.flatMap((line) =>
      line.fillers.flatMap(({ ingredient }) => {
        const facts = kit.catalogue.ingredients.get(ingredient);
        return facts ? [[ingredient, nameOf(facts, kit.asker.kitchen.dialect)] as const] : [];
      }),
    ),
  );

/** Names of the recipes that make a line of this one. */
export async function subRecipeNames(written: Formula, kit: Kit): Promise<Record<string, string>> {
  const ids = written.lines.flatMap((line) => line.recipe ?? []);
  const found = await Promise.all([...new Set(ids)].map((id) => kit.stores.recipes.get(id)));
  return Object.fromEntries(found.flatMap((one) => (one ? [[one.formula.id, one.formula.name]] : [])));
}
