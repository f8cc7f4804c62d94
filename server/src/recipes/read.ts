import type { Caution, Recipe } from "@apron/contract";
import { keepingRule, provenance } from "@apron/core/catalogue";
import { cautionsFor, placesFor } from "@apron/core/larder";
import { accept } from "@apron/core/measure";
import {
  allergensOf,
  dietsOf,
  isPartlyRead,
  openQuestions,
  searchLibrary,
  writtenIngredients,
  writtenWeight,
  type Formula,
} from "@apron/core/recipes";
import { notFound } from "../context/refusal.ts";
import type { Kit, UseCase } from "../context/request-context.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { knownCard, namesIn, subRecipeNames, wholeFormula, wholeRecipes } from "./library.ts";

/** Cautions as they travel, each with the source the figure came from. */
export const presentCautions = (
  formula: Formula,
  used: readonly string[],
  kit: Pick<Kit, "catalogue">,
): Caution[] =>
  cautionsFor(formula, used, kit.catalogue).map((c) => ({
    trigger: c.trigger,
    severity: c.severity,
    text: c.text,
    source: provenance(c),
  }));

/** The library, by a question; "on hand" is what stands in the basket and may still be eaten. */
export const listRecipes: UseCase<"listRecipes"> = async ({ query }, kit) => {
  const wanted = query.away === "yes";
  const recipes = (await wholeRecipes(kit)).filter((recipe) => recipe.away === wanted);
  const versions = new Map(recipes.map((recipe) => [recipe.formula.id, recipe.version]));
  const here = query.onHand === "yes" ? await surplusOnHand(kit) : [];
  const onHand = new Set(here.map((lot) => lot.ingredient));
  const found = searchLibrary(
    recipes.map((recipe) => knownCard(recipe, kit)),
    {
      text: query.text,
      kind: query.kind ?? null,
      diet: query.diet ?? null,
      without: query.without.split(",").filter(Boolean),
      onHand: query.onHand === "yes" ? onHand : null,
    },
    kit.catalogue.ingredients,
  );
  return accept({
    total: found.length,
    recipes: found.slice(0, query.limit).map(({ ingredients, ...card }) => ({
      ...card,
      version: versions.get(card.id) ?? 1,
      onHand: ingredients.filter((id) => onHand.has(id)).length,
    })),
  });
};

const keepsOf = (formula: Formula, kit: Kit): Recipe["keeps"] =>
  placesFor(formula.keeping).flatMap((place) => {
    const rule = keepingRule(kit.catalogue, formula.keeping[place] ?? "", place);
    return rule ? [{ place, days: rule.cautiousDays, reason: rule.name, source: provenance(rule) }] : [];
  });

export const getRecipe: UseCase<"getRecipe"> = async ({ params }, kit) => {
  const found = await kit.stores.recipes.get(params.id);
  const whole = found && (await wholeFormula(found.formula, kit));
  if (!found || !whole?.ok) return notFound("recipe-unknown");
  const used = writtenIngredients(whole.value);
  const versions = await kit.stores.recipes.versions(params.id);
  return accept({
    formula: found.formula,
    version: found.version,
    away: found.away,
    latest: versions[0]?.version ?? found.version,
    names: namesIn(whole.value, kit),
    subRecipes: await subRecipeNames(found.formula, kit),
    allergens: allergensOf(used, kit.catalogue),
    diets: isPartlyRead(found.formula) ? [] : dietsOf(used, kit.catalogue),
    cautions: presentCautions(whole.value, used, kit),
    keeps: keepsOf(found.formula, kit),
    makesG: writtenWeight(whole.value, kit.catalogue),
    open: openQuestions(found.formula, kit.catalogue),
  });
};
