import { readerOf } from "../stock/line-reader.ts";
import type { Caution, Recipe } from "@apron/contract";
import { provenance } from "@apron/core/catalogue";
import { cautionsFor, hazardsOf, placesFor, useBy, writtenUse, type Used } from "@apron/core/larder";
import { accept, daysBetween } from "@apron/core/measure";
import {
  allergensOf,
  dietsOf,
  isPartlyRead,
  openQuestions,
  unclearAmounts,
  searchLibrary,
  writtenIngredients,
  writtenWeight,
  type Formula,
} from "@apron/core/recipes";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { surplusOnHand } from "../stock/surplus.ts";
import { piecesAsked } from "./line-pieces.ts";
import { photoAddresses } from "./photo.ts";
import { cachedCard, namesIn, subRecipeNames, expandedFormula, expandedRecipes } from "./library.ts";

/** Cautions as they travel, each with the source the figure came from. */
export const presentCautions = (
  formula: Formula,
  used: readonly Used[],
  context: Pick<RequestContext, "catalogue">,
): Caution[] =>
  cautionsFor(formula, used, context.catalogue).map((c) => ({
    trigger: c.trigger,
    severity: c.severity,
    text: c.text,
    source: provenance(c),
  }));

/** The library, by a question; "on hand" is what stands in the basket and may still be eaten. */
export const listRecipes: UseCase<"listRecipes"> = async ({ query }, context) => {
  const wanted = query.archived === "yes";
  const recipes = (await expandedRecipes(context)).filter((recipe) => recipe.archived === wanted);
  const versions = new Map(recipes.map((recipe) => [recipe.formula.id, recipe.version]));
  const here = query.onHand === "yes" ? await surplusOnHand(context) : [];
  const onHand = new Set(here.map((lot) => lot.ingredient));
  const photoOf = await photoAddresses(context);
  const found = searchLibrary(
    recipes.map((recipe) => cachedCard(recipe, context)),
    {
      text: query.text,
      kind: query.kind ?? null,
      diet: query.diet ?? null,
      without: query.without.split(",").filter(Boolean),
      onHand: query.onHand === "yes" ? onHand : null,
    },
    context.catalogue.ingredients,
  );
  return accept({
    total: found.length,
    recipes: found.slice(0, query.limit).map(({ ingredients, ...card }) => ({
      ...card,
      version: versions.get(card.id) ?? 1,
      onHand: ingredients.filter((id) => onHand.has(id)).length,
      photo: photoOf(card.id),
    })),
  });
};

/** How long a recipe keeps as it is written, made today. */
function keepsOf(formula: Formula, context: RequestContext): Recipe["keeps"] {
  const { today, catalogue } = context;
  const hazards = hazardsOf(formula, writtenUse(formula), catalogue);
  return placesFor(formula.keeping).flatMap((place) => {
    const dated = useBy({ madeOn: today, place, keeping: formula.keeping, clocks: [], hazards }, catalogue);
    if (!dated.ok) return [];
    const { on, reason, source } = dated.value;
    return [{ place, days: daysBetween(today, on), reason, source }];
  });
}

/** What is counted in whole pieces, by line, for one batch. */
const piecesByLine = ({ lines }: Formula, context: RequestContext): Recipe["pieces"] =>
  Object.fromEntries(
    lines.flatMap((line) => {
      const pieces = piecesAsked(line, 1, context);
      return pieces ? [[line.id, pieces]] : [];
    }),
  );

export const getRecipe: UseCase<"getRecipe"> = async ({ params }, context) => {
  const found = await context.stores.recipes.get(params.id);
  const whole = found && (await expandedFormula(found.formula, context));
  if (!found || !whole?.ok) return notFound("recipe-unknown");
  const used = writtenIngredients(whole.value);
  const versions = await context.stores.recipes.versions(params.id);
  return accept({
    formula: found.formula,
    version: found.version,
    archived: found.archived,
    latest: versions[0]?.version ?? found.version,
    names: namesIn(whole.value, context),
    subRecipes: await subRecipeNames(found.formula, context),
    allergens: allergensOf(used, context.catalogue),
    diets: isPartlyRead(found.formula) ? [] : dietsOf(used, context.catalogue),
    cautions: presentCautions(whole.value, writtenUse(whole.value), context),
    keeps: keepsOf(whole.value, context),
    pieces: piecesByLine(found.formula, context),
    makesG: writtenWeight(whole.value, context.catalogue),
    photo: (await photoAddresses(context))(params.id),
    open: openQuestions(found.formula, context.catalogue, unclearAmounts(found.formula, readerOf(context))),
  });
};
