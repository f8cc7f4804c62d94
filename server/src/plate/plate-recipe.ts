import { inTurn } from "../context/in-turn.ts";
import type { PlateView } from "@apron/contract";
import { dressingRates } from "@apron/core/dressing";
import { accept } from "@apron/core/measure";
import {
  bowlFor,
  bySaltAndRest,
  dressByWeight,
  layersOf,
  roastedG,
  saltBudget,
  traysFor,
  defaultSaltPercent,
  flavourBalanceOf,
} from "@apron/core/plate";
import { timesFormula, writtenFiller, writtenWeight, type Formula, type Line } from "@apron/core/recipes";
import { nameFor } from "../stock/present-lot.ts";
import { provenance } from "@apron/core/catalogue";
import { notFound } from "../context/refusal.ts";
import type { RequestContext, UseCase } from "../context/request-context.ts";
import { ownRates } from "../dressing/own-rates.ts";
import { subRecipeNames, expandedRecipe } from "../recipes/library.ts";

/** Salt of the labels in the basket, where one of this ingredient has been read. */
async function labelSalts(context: RequestContext): Promise<ReadonlyMap<string, number>> {
  const lots = await context.stores.lots.onHand();
  return new Map(
    lots.flatMap((lot) =>
      lot.label?.saltG === null || lot.label?.saltG === undefined
        ? []
        : [[lot.ingredient, lot.label.saltG] as const],
    ),
  );
}

async function saltOf(formula: Formula, context: RequestContext): Promise<PlateView["salt"]> {
  const labels = await labelSalts(context);
  const { handG, rest } = bySaltAndRest(formula, context.catalogue);
  const parts = rest.map((line) => {
    const ingredient = writtenFiller(line)?.ingredient ?? "";
    return { ingredient, grams: line.grams, labelSaltG: labels.get(ingredient) ?? null };
  });
  const budget = saltBudget(parts, defaultSaltPercent[formula.kind], context.catalogue);
  const { targetPercent, carried, addG, range, alreadyOver, workings } = budget;
  const unknown = [...new Set(budget.unknown)].map((id) => nameFor(context, id));
  return { targetPercent, carried, inFormulaG: handG, addG, range, alreadyOver, unknown, workings };
}

/** By the recipe as it is kept: a line that another recipe makes is a dressing as a whole. */
async function dressingOf(formula: Formula, context: RequestContext): Promise<PlateView["dressing"]> {
  const groups = dressingRates.map((one) => one.group);
  const rates = await inTurn(groups, (group) => ownRates(group, context));
  const dressed = dressByWeight(formula, context.catalogue, (group) => rates[groups.indexOf(group)] ?? []);
  if (!dressed) return null;
  const { rate, ...amounts } = dressed;
  return { ...amounts, when: rate.when, source: provenance(rate) };
}

/** How a dish goes on the plate, as written, for so many batches. */
export const plateRecipe: UseCase<"plateRecipe"> = async ({ params, query }, context) => {
  const found = await expandedRecipe(params.id, context);
  if (!found) return notFound("recipe-unknown");
  const { batches } = query;
  const formula = timesFormula(found.formula, batches);
  const written = timesFormula(found.storedFormula, batches);
  const recipes = await subRecipeNames(written, context);
  const flavourBalance = flavourBalanceOf(formula, context.catalogue);
  const nameOfLine = (line: Line): string =>
    line.recipe === null
      ? nameFor(context, writtenFiller(line)?.ingredient ?? "")
      : (recipes[line.recipe] ?? line.recipe);
  return accept({
    layers: layersOf(written, context.catalogue).map(({ layer, lineIds }) => ({
      layer,
      parts: written.lines
        .filter((line) => lineIds.includes(line.id))
        .map((line) => ({ lineId: line.id, name: nameOfLine(line), grams: line.grams })),
    })),
    dressing: await dressingOf(written, context),
    salt: await saltOf(formula, context),
    dominantFlavours: flavourBalance.dominantFlavours.map((id) => nameFor(context, id)),
    tooMany: flavourBalance.tooMany,
    clashes: flavourBalance.clashes.map(({ kind, ingredients }) => ({
      kind,
      names: ingredients.map((id) => nameFor(context, id)),
    })),
    bowl: bowlFor(writtenWeight(formula, context.catalogue).value, formula),
    trays: traysFor(roastedG(formula)),
  });
};
