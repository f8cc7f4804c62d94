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
  eatenGrams,
  perPlate,
  saltBudget,
  seasonedParts,
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

async function saltOf(
  formula: Formula,
  groups: readonly string[],
  context: RequestContext,
): Promise<PlateView["salt"]> {
  const labels = await labelSalts(context);
  return seasonedParts(formula, groups, context.catalogue).map(({ name, lines }) => {
    const { handG, rest } = bySaltAndRest({ ...formula, lines }, context.catalogue);
    const parts = rest.map((line) => {
      const ingredient = writtenFiller(line)?.ingredient ?? "";
      const labelSaltG = labels.get(ingredient) ?? null;
      return { ingredient, grams: line.grams, eatenG: eatenGrams(line, context.catalogue), labelSaltG };
    });
    const budget = saltBudget(parts, defaultSaltPercent[formula.kind], context.catalogue);
    const { massG, targetPercent, carried, addG, range, alreadyOver, workings } = budget;
    const unknown = [...new Set(budget.unknown)].map((id) => nameFor(context, id));
    const about = { name, massG, targetPercent, carried, addG, range, alreadyOver, unknown, workings };
    return { ...about, inFormulaG: handG };
  });
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

/** The layers from the bottom up, with what of each goes on one plate. */
const layersOn = (
  written: Formula,
  on: { plates: number; nameOfLine: (line: Line) => string; context: RequestContext },
): PlateView["layers"] =>
  layersOf(written, on.context.catalogue).map(({ lineIds, name, ...layer }) => {
    const lines = written.lines.filter((line) => lineIds.includes(line.id));
    return {
      ...layer,
      name: name || (lines[0]?.recipe ? on.nameOfLine(lines[0]) : ""),
      eachG: perPlate(lines, on.plates, on.context.catalogue),
      parts: lines.map((line) => ({ lineId: line.id, name: on.nameOfLine(line), grams: line.grams })),
    };
  });

/** How a dish goes on the plate, as written, for so many batches. */
export const plateRecipe: UseCase<"plateRecipe"> = async ({ params, query }, context) => {
  const found = await expandedRecipe(params.id, context);
  if (!found) return notFound("recipe-unknown");
  const { batches } = query;
  const plates = query.plates ?? batches * found.formula.servings;
  const formula = timesFormula(found.formula, batches);
  const written = timesFormula(found.storedFormula, batches);
  const recipes = await subRecipeNames(written, context);
  const flavourBalance = flavourBalanceOf(formula, context.catalogue);
  const nameOfLine = (line: Line): string =>
    line.recipe === null
      ? nameFor(context, writtenFiller(line)?.ingredient ?? "")
      : (recipes[line.recipe] ?? line.recipe);
  return accept({
    plates,
    isOwnOrder: (written.layers ?? []).length > 0,
    layers: layersOn(written, { plates, nameOfLine, context }),
    dressing: await dressingOf(written, context),
    salt: await saltOf(
      formula,
      written.lines.filter(({ recipe }) => recipe === null).map(({ group }) => group),
      context,
    ),
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
